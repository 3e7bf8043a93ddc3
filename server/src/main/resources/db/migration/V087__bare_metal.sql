-- The whole body at bare metal and painted, instead of only where it is bad. Days and price of whoever does it; absent where one does it oneself.
alter table other_way
  add bare_metal boolean not null default false,
  add strip_days int check (strip_days between 0 and 730),
  add strip_minor bigint check (strip_minor >= 0),
  add coat_days int check (coat_days between 0 and 730),
  add coat_minor bigint check (coat_minor >= 0),
  add constraint bare_metal_by_others check (
    (strip_days is null) = (strip_minor is null) and (coat_days is null) = (coat_minor is null)
    and (bare_metal or (strip_days is null and coat_days is null)));
