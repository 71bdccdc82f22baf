-- Up Migration

-- A crossing that a teacher keeps, as pond-loop/crossing@1, with the saying that fixes it in the memory.
create table kept_crossings (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	name text not null,
	medium text not null,
	crossing jsonb not null,
	saying text not null default '',
	changed_at timestamptz not null default now(),
	removed_at timestamptz
);

create index kept_crossings_by_owner on kept_crossings (owner, changed_at desc) where removed_at is null;

-- A pattern's key as it was typed; what its lines mean is read from them anew each time.
create table keys (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	title text not null,
	text text not null,
	in_use boolean not null,
	changed_at timestamptz not null default now(),
	removed_at timestamptz
);

create index keys_by_owner on keys (owner, changed_at desc) where removed_at is null;

-- Which of a name's readings the teacher means.
create table chosen_readings (
	owner uuid not null references teachers (id) on delete cascade,
	name text not null,
	medium text not null,
	crossing jsonb not null,
	primary key (owner, name, medium)
);
