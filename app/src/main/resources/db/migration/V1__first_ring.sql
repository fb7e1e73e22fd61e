-- Each cue, rack and stage is one versioned JSON document.
create table document (
    kind     text    not null,
    id       text    not null,
    version  integer not null,
    position integer not null,
    json     text    not null,
    primary key (kind, id)
);

-- Every edit of a document, so that it can be undone by the server whoever asks.
create table edit (
    number      integer primary key autoincrement,
    at          integer not null,
    kind        text    not null,
    document_id text    not null,
    what        text    not null,
    before_json text,
    after_json  text,
    position    integer not null,
    undone      integer not null default 0
);

create table person (
    id         text    primary key,
    name       text    not null,
    standings  text    not null,
    months     integer not null,
    first_seen integer,
    last_seen  integer,
    lines      integer not null default 0
);

create table decision (
    number   integer primary key,
    at       integer not null,
    kind     text    not null,
    viewer   text,
    event    text    not null,
    sentence text    not null,
    json     text    not null
);
create index decision_at on decision (at);

create table cue_count (
    day    text    not null,
    cue_id text    not null,
    rang   integer not null default 0,
    held   integer not null default 0,
    primary key (day, cue_id)
);

create table ring (
    number integer primary key,
    cue_id text    not null,
    at     integer not null,
    over   integer not null,
    active integer not null,
    json   text    not null
);
create index ring_active on ring (active) where active = 1;
create index ring_over on ring (over);

create table let_through (
    ring   integer primary key,
    cue_id text    not null,
    viewer text    not null,
    at     integer not null
);

create table drawn (
    purpose text primary key,
    name    text not null
);

create table media (
    folder    text    not null,
    name      text    not null,
    hash      text    not null,
    type      text    not null,
    length_ms integer not null,
    bytes     integer not null,
    primary key (folder, name)
);

create table chat_line (
    number   integer primary key autoincrement,
    link     text    not null,
    at       integer not null,
    name     text    not null,
    standing text    not null,
    text     text    not null,
    helper   integer not null
);

create table setting (
    name  text primary key,
    value text not null
);
