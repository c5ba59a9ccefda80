create table figure_list (
    id uuid primary key,
    name varchar(80) not null,
    version bigint not null,
    document clob not null,
    saved_at timestamp with time zone not null
);
