-- A step of a recording that is an event stands in the journal already, and is read from there.
alter table recorded add column decision integer;
-- Nothing asks for decisions by their moment.
drop index decision_at;
