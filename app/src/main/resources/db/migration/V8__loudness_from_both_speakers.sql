-- A sound of one channel was measured as if one speaker alone sounded it; all are measured anew at the next start.
delete from sound;
