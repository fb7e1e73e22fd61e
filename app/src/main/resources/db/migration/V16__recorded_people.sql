-- What is kept of everyone when a recording begins stands beside its opening, packed: see PackedBooks.
alter table recording add column people blob;
