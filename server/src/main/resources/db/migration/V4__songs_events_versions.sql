create table song (
    id uuid primary key,
    name varchar(120) not null,
    version bigint not null,
    document clob not null,
    saved_at timestamp with time zone not null
);

create table event (
    id uuid primary key,
    name varchar(120) not null,
    version bigint not null,
    document clob not null,
    saved_at timestamp with time zone not null
);

create table routine_version (
    routine_id uuid not null,
    number int not null,
    note varchar(500) not null,
    document clob not null,
    saved_at timestamp with time zone not null,
    primary key (routine_id, number)
);
