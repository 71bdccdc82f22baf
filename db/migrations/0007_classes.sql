-- Up Migration

-- Classes that were given, each kept as the open format pond-loop/class@1.
create table classes (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	lesson uuid not null references lessons (id) on delete cascade,
	record jsonb not null,
	changed_at timestamptz not null default now()
);

create index classes_by_lesson on classes (lesson);
create index classes_by_owner on classes (owner, changed_at desc);
