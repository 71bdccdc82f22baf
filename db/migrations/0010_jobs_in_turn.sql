-- Up Migration

-- Jobs are made in turn by teacher: whoever's was begun longest ago comes next.
alter table jobs
	add column began_at timestamptz,
	add column tries integer not null default 0;

create index jobs_by_owner on jobs (owner, began_at desc);
