-- Everything kept stands in one table, whole, in the open format; the other columns are what is searched and listed.
create table document (
    kind varchar(20) not null,
    id varchar(80) not null,
    name varchar(120) not null,
    sort_name varchar(120) not null,
    dance varchar(40) not null,
    words varchar(4000) not null,
    version bigint not null,
    text clob not null,
    saved_at timestamp with time zone not null,
    binned_at timestamp with time zone,
    summary varchar(1000000),
    summary_stamp varchar(60),
    primary key (kind, id)
);
create index document_by_name on document (kind, sort_name, id);
create index document_by_dance on document (kind, dance, sort_name, id);
create index document_in_bin on document (binned_at);

-- What a document names: the figures and the song of a routine, the list of an event. It need not be there.
create table document_use (
    kind varchar(20) not null,
    id varchar(80) not null,
    used_kind varchar(20) not null,
    used_id varchar(80) not null,
    primary key (kind, id, used_kind, used_id),
    foreign key (kind, id) references document (kind, id) on delete cascade
);
create index document_use_of on document_use (used_kind, used_id);

create table document_version (
    kind varchar(20) not null,
    id varchar(80) not null,
    number bigint not null,
    note varchar(500) not null,
    text clob not null,
    saved_at timestamp with time zone not null,
    primary key (kind, id, number),
    foreign key (kind, id) references document (kind, id) on delete cascade
);

-- Without a reference to a document: a figure begun is a draft before it is anything else.
create table draft (
    kind varchar(20) not null,
    id varchar(80) not null,
    window_id varchar(40) not null,
    base_version bigint not null,
    number bigint not null,
    text clob,
    saved_at timestamp with time zone not null,
    primary key (kind, id, window_id)
);

insert into document (kind, id, name, sort_name, dance, words, version, text, saved_at)
    select 'figure', id, name, lower(name), dance, lower(name), number, document, saved_at from figure_copy;

-- Figures of which the shipped chart shows again keep their versions; the newest stands in the bin for the rest.
insert into document (kind, id, name, sort_name, dance, words, version, text, saved_at, binned_at)
    select 'figure', v.figure_id, v.figure_id, v.figure_id, substring(v.figure_id, 1, locate('.', v.figure_id) - 1),
        v.figure_id, v.number, v.document, v.saved_at, current_timestamp
    from figure_version v
    where v.number = (select max(w.number) from figure_version w where w.figure_id = v.figure_id)
        and v.figure_id not in (select id from figure_copy);

insert into document_version (kind, id, number, note, text, saved_at)
    select 'figure', figure_id, number, note, document, saved_at from figure_version;

insert into draft (kind, id, window_id, base_version, number, text, saved_at)
    select 'figure', figure_id, 'earlier', base_number, 0, document, saved_at from figure_draft;

insert into document (kind, id, name, sort_name, dance, words, version, text, saved_at)
    select 'routine', cast(id as varchar), name, lower(name), dance, lower(name), version + 1, document, saved_at
    from routine;

insert into document_version (kind, id, number, note, text, saved_at)
    select 'routine', cast(routine_id as varchar), number, note, document, saved_at from routine_version
    where routine_id in (select id from routine);

insert into document (kind, id, name, sort_name, dance, words, version, text, saved_at)
    select 'song', cast(id as varchar), name, lower(name), '', lower(name), version + 1, document, saved_at from song;

insert into document (kind, id, name, sort_name, dance, words, version, text, saved_at)
    select 'event', cast(id as varchar), name, lower(name), '', lower(name), version + 1, document, saved_at from event;

insert into document (kind, id, name, sort_name, dance, words, version, text, saved_at)
    select 'list', cast(id as varchar), name, lower(name), '', lower(name), version + 1, document, saved_at
    from figure_list;

drop table figure_copy;
drop table figure_version;
drop table figure_draft;
drop table routine;
drop table routine_version;
drop table song;
drop table event;
drop table figure_list;
