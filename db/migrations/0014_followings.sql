-- Up Migration

-- Classes that learners follow on their phones, and may walk through afterwards: the lesson as it was given, and what the
-- stage shows now. `n` is one more for every moment, `lesson_at` for every change of the lesson since. One that is closed is deleted.
create table followings (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	lesson_id uuid not null references lessons (id) on delete cascade,
	code text not null unique,
	lesson jsonb not null,
	lesson_at int not null default 1,
	moment jsonb not null,
	n bigint not null default 1,
	opened_at timestamptz not null default now(),
	ended_at timestamptz,
	closes_at timestamptz not null default now() + interval '30 days'
);

create index followings_by_lesson on followings (lesson_id, opened_at desc);
create index followings_by_owner on followings (owner);

-- A phone that follows, known by the hash of the token in its cookie. A name stands here only where its owner wrote one.
-- All of it goes when the class is over.
create table followers (
	id uuid primary key default gen_random_uuid(),
	following_id uuid not null references followings (id) on delete cascade,
	token_hash bytea not null,
	name text not null default '',
	-- where it went by itself; with the class where there is nothing
	away_part text,
	away_step int,
	says text check (says in ('has', 'waits', 'wrong')),
	says_n bigint not null default 0,
	says_part text,
	made_at timestamptz not null default now(),
	seen_at timestamptz,
	unique (following_id, token_hash)
);

-- What was answered on a phone to the question of a part.
create table follower_answers (
	follower_id uuid not null references followers (id) on delete cascade,
	part text not null,
	answer text not null,
	primary key (follower_id, part)
);
