-- In which version of the coach's own charts the figures of a routine were taught; what is not named was as it ships.
alter table taught add column figures clob;
