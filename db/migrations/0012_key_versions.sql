-- Up Migration

-- What a key said before it was changed: one version for each stretch of writing, so that it can be brought back.
create table key_versions (
	key_id uuid not null references keys (id) on delete cascade,
	at timestamptz not null default now(),
	title text not null,
	text text not null,
	primary key (key_id, at)
);
