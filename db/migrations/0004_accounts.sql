-- Up Migration

-- A teacher signs in with a name and a password; the demo teacher has neither and is opened by one press.
alter table teachers
	add column sign_in text unique,
	add column password text,
	add column demo boolean not null default false,
	add constraint both_or_neither check ((sign_in is null) = (password is null));

-- The one teacher there was before accounts came.
update teachers set demo = true, name = 'Demo teacher';

-- A browser that is signed in, known by the hash of the token in its cookie: what is read here opens nothing.
create table sessions (
	token_hash bytea primary key,
	teacher uuid not null references teachers (id) on delete cascade,
	made_at timestamptz not null default now(),
	seen_at timestamptz not null default now()
);

create index sessions_by_teacher on sessions (teacher);

-- Sign-ins that failed lately: whose name was tried, or from where.
create table failed_sign_ins (
	who text not null,
	tried_at timestamptz not null default now()
);

create index failed_sign_ins_by_who on failed_sign_ins (who, tried_at);
