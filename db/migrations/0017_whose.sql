-- Up Migration

-- Everything of a teacher is asked for by her, what was put away too: how much she holds, her archive, her account's end.
create index lessons_of_owner on lessons (owner);
create index swatches_of_owner on swatches (owner);
create index keys_of_owner on keys (owner);
create index kept_crossings_of_owner on kept_crossings (owner);
create index courses_of_owner on courses (owner);
create index swatch_versions_made_by on swatch_versions (made_by);
