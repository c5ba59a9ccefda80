-- What is remembered of the questions that the charts answer, of the coach (nobody named) or of a dancer.
create table recall_state (
    who varchar(80) not null,
    card varchar(200) not null,
    stability double precision not null,
    difficulty double precision not null,
    at timestamp with time zone not null,
    due timestamp with time zone not null,
    seen integer not null,
    lapses integer not null,
    primary key (who, card)
);

-- Every answer, so that it can be told which columns are weak.
create table recall_answer (
    id bigint generated always as identity primary key,
    who varchar(80) not null,
    card varchar(200) not null,
    dance varchar(40) not null,
    asked varchar(20) not null,
    at timestamp with time zone not null,
    sound boolean not null
);
create index recall_of_somebody on recall_answer (who, dance, asked, id);
