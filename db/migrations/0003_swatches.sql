-- Up Migration

-- A swatch is kept as the open format pond-loop/swatch@1; nothing that follows from its rows is stored.
create table swatches (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	document jsonb not null,
	version integer not null default 1,
	changed_at timestamptz not null default now(),
	removed_at timestamptz
);

create index swatches_by_owner on swatches (owner, changed_at desc) where removed_at is null;

-- Every version that was ever acknowledged, whole, under the id its sender gave it: who made it, when, and what it did.
-- One that could not be put together with another's stands here too, beside the line of versions, without a number.
create table swatch_versions (
	id uuid primary key,
	swatch uuid not null references swatches (id) on delete cascade,
	version integer,
	document jsonb not null,
	said text not null,
	made_by uuid not null references teachers (id) on delete cascade,
	made_at timestamptz not null default now(),
	unique (swatch, version)
);

-- What was done to a counter: every event once, whatever device it came from and however often.
create table counter_events (
	id uuid primary key,
	swatch uuid not null references swatches (id) on delete cascade,
	event jsonb not null,
	taken bigint generated always as identity
);

create index counter_events_by_swatch on counter_events (swatch, taken);
