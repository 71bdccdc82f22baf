-- Up Migration

-- A class that is on: which page leads it, where in the lesson it is, and whether its clock runs, so that another device can go on.
alter table classes add column lead jsonb;
