-- Up Migration

-- Classes of learners who practise between evenings, and what they practise: a name, crosses, a technique, a level.
create table learner_classes (
	id uuid primary key,
	owner uuid not null references teachers (id) on delete cascade,
	about jsonb not null,
	made_at timestamptz not null default now()
);

create index learner_classes_by_owner on learner_classes (owner, made_at);

-- A learner: a nickname at most. Her link is kept as it is, for her teacher prints it again; it opens exercises and nothing
-- else. One that was withdrawn has none.
create table learners (
	id uuid primary key,
	class_id uuid not null references learner_classes (id) on delete cascade,
	nickname text not null,
	link text unique,
	made_at timestamptz not null default now()
);

create index learners_by_class on learners (class_id, made_at);

-- What was answered, each once: how it stands in a learner's memory follows from these.
create table practised (
	id uuid primary key,
	learner_id uuid not null references learners (id) on delete cascade,
	record jsonb not null,
	at timestamptz not null
);

create index practised_by_learner on practised (learner_id, at);
