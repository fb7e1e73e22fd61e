-- Shows are found by when they opened and closed.
create index decision_show on decision (kind, number) where kind in ('showOpened', 'showClosed');

-- What each show came to, summed up once it is over; it stays when its journal goes.
create table show_summary (
    opened integer primary key,
    closed integer not null,
    json   text    not null
);
