-- Tags and weights of what lies on the shelf, and what was measured of its sounds, by the hash of their content.
alter table media add column tags text not null default '';
alter table media add column weight integer not null default 1;
alter table media add column brought integer not null default 0;

create table sound (
    hash     text    not null primary key,
    loudness integer not null,
    peak     integer not null,
    gain     integer not null,
    drawing  text    not null
);
