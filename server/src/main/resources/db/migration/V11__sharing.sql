-- Telephones and screens that were let in from the network; of a token only its hash.
create table shared_device (
    id uuid primary key,
    name varchar(60) not null,
    token_hash varchar(64) not null unique,
    whom varchar(80) not null,
    let_in_at timestamp with time zone not null,
    seen_at timestamp with time zone not null
);

-- What the passphrase of the coach's page was made into; one row or none.
create table coach_lock (
    id integer primary key check (id = 1),
    hash varchar(300) not null,
    set_at timestamp with time zone not null
);

-- Who was let in and shut out, what was tried wrongly, what was changed from outside.
create table access_line (
    id bigint generated always as identity primary key,
    at timestamp with time zone not null,
    what varchar(40) not null,
    about varchar(200) not null
);
