-- Up Migration

-- A teacher's own picture, made smaller and without what a camera writes into it; texts point at it.
create table pictures (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	bytes bytea not null,
	type text not null,
	width integer not null,
	height integer not null,
	made_at timestamptz not null default now()
);

create index pictures_by_owner on pictures (owner, made_at);

-- Lessons in a row, kept as the open format pond-loop/course@1.
create table courses (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	document jsonb not null,
	version integer not null default 1,
	changed_at timestamptz not null default now(),
	removed_at timestamptz
);

create index courses_by_owner on courses (owner, changed_at desc) where removed_at is null;
