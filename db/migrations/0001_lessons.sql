-- Up Migration

-- Everything kept has an owner; until accounts come there is one teacher.
create table teachers (
	id uuid primary key default gen_random_uuid(),
	name text not null,
	settings jsonb not null default '{}',
	demo_loaded_at timestamptz,
	created_at timestamptz not null default now()
);

insert into teachers (name) values ('Teacher');

-- A lesson is kept as the open format pond-loop/lesson@1; nothing derived from it is stored.
create table lessons (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	document jsonb not null,
	version integer not null default 0,
	created_at timestamptz not null default now(),
	changed_at timestamptz not null default now(),
	removed_at timestamptz
);

create index lessons_by_owner on lessons (owner, changed_at desc) where removed_at is null;

-- Every change that was ever acknowledged, under the id its sender gave it, so that none is taken twice.
create table lesson_changes (
	id uuid primary key,
	lesson uuid not null references lessons (id) on delete cascade,
	version integer not null,
	change jsonb not null,
	made_at timestamptz not null default now(),
	unique (lesson, version)
);
