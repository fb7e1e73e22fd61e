-- How long somebody was here, as far as lines and what they caused tell: the time between two of them that are close together.
alter table person add column here_ms integer not null default 0;
create index person_here on person (here_ms);

-- What was published of each prize draw that is over, so that it can be drawn again after the next.
create table prize_log (
    draw    text    not null,
    opened  integer not null,
    winners text    not null,
    csv     text    not null,
    primary key (draw, opened)
);
