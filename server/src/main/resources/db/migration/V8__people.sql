-- Who danced, in which lesson, why it went wrong and where in a routine; a tempo is not always said.
alter table log_entry add column couple_id varchar(80) default '' not null;
alter table log_entry add column lesson_id varchar(80) default '' not null;
alter table log_entry add column cause varchar(300);
alter table log_entry add column place integer;
alter table log_entry add column part varchar(10) default 'both' not null;
alter table log_entry add column other_side boolean default false not null;
alter table log_entry alter column tempo set null;
create index log_of_couple on log_entry (couple_id, at, id);
create index log_of_lesson on log_entry (lesson_id, id);

-- What was taught to whom, with the text it had, so that what has changed since can be told.
create table taught (
    id bigint generated always as identity primary key,
    at timestamp with time zone not null,
    couple_id varchar(80) not null,
    subject_kind varchar(20) not null,
    subject_id varchar(80) not null,
    subject_name varchar(300) not null,
    version bigint not null,
    text clob not null
);
create index taught_to_couple on taught (couple_id, at, id);
