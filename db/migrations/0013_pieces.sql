-- Up Migration

-- Pieces in the log, each kept as the open format pond-loop/piece@1 without what was measured on it.
create table pieces (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	about jsonb not null,
	made_at timestamptz not null default now(),
	changed_at timestamptz not null default now(),
	removed_at timestamptz,
	words tsvector generated always as (
		setweight(to_tsvector('english'::regconfig, coalesce(about ->> 'title', '')), 'A')
		|| setweight(jsonb_to_tsvector('english'::regconfig, about, '["string"]'), 'C')
	) stored
);

create index pieces_by_owner on pieces (owner, changed_at desc);
create index pieces_by_words on pieces using gin (words);

-- What was measured, each once and by itself, so that two who measure one piece never stand in each other's way.
create table measurements (
	id uuid primary key,
	piece_id uuid not null references pieces (id) on delete cascade,
	record jsonb not null,
	made_at timestamptz not null default now()
);

create index measurements_by_piece on measurements (piece_id, made_at);
