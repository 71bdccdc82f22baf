-- Up Migration

-- A lesson's history is its first version and every change since; what was taught is kept as it was then.
alter table lessons
	add column original jsonb,
	add column original_version integer not null default 0,
	add column tags text[] not null default '{}',
	add column taught jsonb,
	add column taught_at timestamptz,
	add column words tsvector generated always as (
		setweight(to_tsvector('english'::regconfig, coalesce(document ->> 'title', '')), 'A')
		|| setweight(jsonb_to_tsvector('english'::regconfig, document, '["string"]'), 'C')
	) stored;

update lessons set original = document, original_version = version;
alter table lessons alter column original set not null;

-- Which page made a change: two pages that write in one place are asked.
alter table lesson_changes add column page text not null default '';

alter table swatches add column words tsvector generated always as (
	setweight(to_tsvector('english'::regconfig, coalesce(document ->> 'title', '')), 'A')
	|| setweight(to_tsvector('english'::regconfig, coalesce(document ->> 'text', '')), 'C')
) stored;

alter table kept_crossings add column words tsvector generated always as (
	setweight(to_tsvector('english'::regconfig, name), 'A')
	|| setweight(to_tsvector('english'::regconfig, saying), 'B')
) stored;

alter table keys add column words tsvector generated always as (
	setweight(to_tsvector('english'::regconfig, title), 'A')
	|| setweight(to_tsvector('english'::regconfig, text), 'C')
) stored;

create index lessons_by_words on lessons using gin (words);
create index swatches_by_words on swatches using gin (words);
