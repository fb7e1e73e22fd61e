-- How the evening, the slate, targets and schedules stand: one small document each.
create table fact (
    kind text not null,
    id   text not null,
    json text not null,
    primary key (kind, id)
);

create table ledger (
    number integer primary key,
    at     integer not null,
    person text    not null,
    amount integer not null,
    why    text    not null
);
create index ledger_person on ledger (person);

create table pending (
    ring   integer primary key,
    person text    not null,
    price  integer not null,
    why    text    not null
);

create table first_line (
    cue_id text    not null,
    who    integer not null,
    primary key (cue_id, who)
) without rowid;

-- Who rang is kept as a key from now on; cooldowns that run during the upgrade are forgotten, once.
drop table let_through;
create table let_through (
    ring   integer primary key,
    cue_id text    not null,
    who    integer not null,
    at     integer not null,
    times  integer not null
);

-- Rings of before are over; only the newest stays, so that numbers go on.
delete from ring where number < (select max(number) from ring);
update ring set active = 0, over = 0;
