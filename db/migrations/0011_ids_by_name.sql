-- Up Migration

-- What holds an id is called so: "lesson" and "swatch" are the things themselves.
alter table lesson_changes rename column lesson to lesson_id;
alter table classes rename column lesson to lesson_id;
alter table jobs rename column lesson to lesson_id;
alter table swatch_versions rename column swatch to swatch_id;
alter table counter_events rename column swatch to swatch_id;
