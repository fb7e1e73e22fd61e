-- Packs that were brought in, with what each brought and what stood there before, so that it can be taken out whole.
create table pack (
    id      text    primary key,
    name    text    not null,
    version text    not null,
    says    text    not null,
    at      integer not null,
    brought text    not null
) without rowid;
