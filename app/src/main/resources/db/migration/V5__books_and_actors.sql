-- What a desk knows stands in its book; wheels are the first.
insert into fact (kind, id, json)
select 'wheel', substr(purpose, length('*wheel/') + 1),
       '{"last":' || substr(name, 1, instr(name, '|') - 1) || ',"out":[' || substr(name, instr(name, '|') + 1) || ']}'
from drawn where purpose like '*wheel/%';
delete from drawn where purpose like '*wheel/%';

-- Who was ever seen, as keys of their names; who was seen before stands among people.
create table known (
    name integer primary key
) without rowid;

-- Who made an edit.
alter table edit add column origin text not null default 'HOST';
alter table edit add column actor text not null default '';
