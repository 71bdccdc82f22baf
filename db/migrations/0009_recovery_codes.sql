-- Up Migration

-- Codes with which a teacher who forgot her password chooses a new one: each works once. Only their hashes are kept.
create table recovery_codes (
	code_hash bytea primary key,
	teacher uuid not null references teachers (id) on delete cascade,
	made_at timestamptz not null default now()
);

create index recovery_codes_by_teacher on recovery_codes (teacher);
