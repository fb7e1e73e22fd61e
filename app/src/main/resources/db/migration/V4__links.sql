-- Connections to the outside, in the order in which they are listed. Secrets are locked one by one and never leave this table.
create table link (
    id       text primary key,
    kind     text    not null,
    position integer not null,
    name     text    not null,
    settings text    not null,
    secrets  text    not null,
    paused   integer not null
) without rowid;

-- Whether what rang could be seen and heard, by the number of the ring.
create table seen (
    ring integer primary key,
    json text not null
);
