-- Another way to do the car may be to buy its parts of another kind, wherever somebody offers such.
alter table other_way add bought_as text check (bought_as in ('NEW_ORIGINAL', 'NEW_PATTERN', 'RECONDITIONED', 'USED'));
comment on column other_way.bought_as is 'Absent for as planned';
