-- What everyone owns, kept by the ledger itself, so that no list has to add it up.
create table balance (
    person text    primary key,
    points integer not null
) without rowid;
insert into balance (person, points) select person, sum(amount) from ledger group by person;
create trigger ledger_adds after insert on ledger
begin
    insert into balance (person, points) values (new.person, new.amount)
    on conflict (person) do update set points = points + excluded.points;
end;
create index balance_points on balance (points);

-- In how many shows somebody was seen, and in which one last.
alter table person add column evenings integer not null default 0;
alter table person add column show integer not null default 0;
update person set evenings = 1 where first_seen is not null;
create index person_name on person (name collate nocase);
create index person_last on person (last_seen);
create index person_lines on person (lines);
create index person_months on person (months);

-- What the host writes down of somebody.
create table profile (
    person text primary key,
    note   text not null
) without rowid;

-- Who changed what of whom.
create table person_change (
    number integer primary key,
    at     integer not null,
    person text    not null,
    who    text    not null,
    what   text    not null
);
create index person_change_person on person_change (person);
