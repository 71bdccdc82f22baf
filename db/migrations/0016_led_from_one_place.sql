-- Up Migration

-- The page that leads a class, by a number it made: another one that takes the class over puts its own in its place.
alter table followings add column leader uuid;
