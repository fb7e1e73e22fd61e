-- One edit may change several documents; they have one step and are undone together.
alter table edit add column step integer not null default 0;
alter table edit add column before_position integer not null default 0;
update edit set step = number, before_position = position;
create index edit_step on edit (step);

-- What went into the engine while a show was open, from a state on, so that the evening can be rehearsed.
create table recording (
    number    integer primary key autoincrement,
    show      integer not null,
    opened_at integer not null,
    closed_at integer,
    opening   text    not null
);
create table recorded (
    recording integer not null,
    number    integer not null,
    json      text    not null,
    primary key (recording, number)
) without rowid;
