-- Why a part is ordered all the same: for one wheel alone, though both of an axle are done at once; before what it belongs to is looked into.
alter table need
  add pair_waiver text not null default '' check (length(pair_waiver) <= 120),
  add hold_waiver text not null default '' check (length(hold_waiver) <= 120);
