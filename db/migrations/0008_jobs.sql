-- Up Migration

-- Files that take a while to make. A job that is being made is locked by the connection of its maker; when the maker is
-- gone, so is the lock, and another begins it anew. What is made is kept whole or not at all.
create table jobs (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	lesson uuid not null references lessons (id) on delete cascade,
	asked jsonb not null,
	state text not null default 'waiting' check (state in ('waiting', 'done', 'failed', 'cancelled')),
	done integer not null default 0,
	of integer not null default 1,
	-- what went wrong, in words for the page
	said text,
	name text,
	type text,
	bytes bytea,
	asked_at timestamptz not null default now()
);

create index jobs_by_lesson on jobs (lesson, asked_at desc);
create index jobs_waiting on jobs (asked_at) where state = 'waiting';
