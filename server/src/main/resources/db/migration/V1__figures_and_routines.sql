create table figure_copy (
    id varchar(80) primary key,
    dance varchar(20) not null,
    name varchar(120) not null,
    version bigint not null,
    number int not null,
    document clob not null,
    saved_at timestamp with time zone not null
);

create table figure_version (
    figure_id varchar(80) not null,
    number int not null,
    note varchar(500) not null,
    document clob not null,
    saved_at timestamp with time zone not null,
    primary key (figure_id, number)
);

create table figure_draft (
    figure_id varchar(80) primary key,
    base_number int not null,
    document clob not null,
    saved_at timestamp with time zone not null
);

create table routine (
    id uuid primary key,
    dance varchar(20) not null,
    name varchar(120) not null,
    version bigint not null,
    document clob not null,
    saved_at timestamp with time zone not null
);
