-- One row: the number of the last change, written in the transaction of the change itself.
create table studio_mark (
    changes bigint not null
);
insert into studio_mark values (0);

-- What has been put into the studio once and is not put in again, even if somebody has deleted it.
create table furnished (
    what varchar(40) primary key,
    at timestamp with time zone not null
);
