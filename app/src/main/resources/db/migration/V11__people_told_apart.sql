-- What everyone gave, in all and in the month in which they gave last.
alter table person add column gave integer not null default 0;
alter table person add column gave_month integer not null default 0;
alter table person add column month integer not null default 0;
create index person_gave on person (gave);
create index person_first on person (first_seen);

-- Everyone has a balance, so that who owns most is read off its index.
insert or ignore into balance (person, points) select id, 0 from person;
create trigger person_owns after insert on person
begin
    insert into balance (person, points)
    select new.id, 0 where not exists (select 1 from balance where person = new.id);
end;

-- Whom the host wished to be forgotten and who is not yet out of everything that was written down.
create table forgotten (
    number integer primary key,
    person text    not null,
    name   text    not null,
    open   integer not null
);
