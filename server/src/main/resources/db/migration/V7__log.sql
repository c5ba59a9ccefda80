-- What was seen while dancing. Names stand as they were, since what was danced may be gone or called otherwise later.
create table log_entry (
    id bigint generated always as identity primary key,
    at timestamp with time zone not null,
    subject_kind varchar(20) not null,
    subject_id varchar(80) not null,
    subject_name varchar(300) not null,
    whom varchar(300) not null,
    run varchar(40) not null,
    from_beat double precision not null,
    to_beat double precision not null,
    tempo double precision not null,
    figure varchar(80),
    figure_name varchar(300),
    role varchar(10),
    step integer,
    seen varchar(300),
    cue varchar(300)
);
create index log_of_subject on log_entry (subject_kind, subject_id, id);
