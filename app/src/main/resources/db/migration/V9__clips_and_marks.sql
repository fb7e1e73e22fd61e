-- Clips that were made, by the hash of the file on the shelf, and marks that were set.
create table clip (
    number integer not null primary key,
    secret text    not null unique,
    hash   text    not null,
    title  text    not null,
    maker  text    not null,
    ring   integer not null,
    begins integer not null,
    ends   integer not null,
    poster integer not null
);
create index clip_hash on clip (hash);

create table mark (
    number integer not null primary key,
    at     integer not null,
    words  text    not null,
    maker  text    not null
);
create index mark_at on mark (at);

-- When the mixer streamed and recorded; one that still runs ends at 0.
create table filmed (
    number integer not null primary key,
    kind   text    not null,
    begins integer not null,
    ends   integer not null
);
