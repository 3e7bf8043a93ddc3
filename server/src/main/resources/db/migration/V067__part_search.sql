-- A part that cannot be had: searched for, up to a price, looked for again; and what of other vehicles fits, with which change, and who says so.
create table part_search (
  need_id    uuid primary key,
  garage_id  uuid not null,
  why        text not null check (why in ('DISCONTINUED', 'SUPERSEDED', 'RARE')),
  most_minor bigint check (most_minor between 0 and 10000000000),
  looked_on  date not null,
  looked_at  text not null default '' check (length(looked_at) <= 4000),
  way_out    text not null check (way_out in ('LOOK_ON', 'USED', 'RECONDITION', 'PATTERN', 'CONVERT', 'MAKE', 'KEEP_WORN')),
  foreign key (garage_id, need_id) references need (garage_id, id) on delete cascade
);
create index part_search_garage on part_search (garage_id, need_id);

create table interchange_note (
  id         uuid primary key,
  garage_id  uuid not null references garage (id),
  part       text not null check (btrim(part) <> '' and length(part) <= 120),
  fits_from  text not null check (btrim(fits_from) <> '' and length(fits_from) <= 120),
  change     text not null default '' check (length(change) <= 4000),
  told_by    text not null check (btrim(told_by) <> '' and length(told_by) <= 120),
  tried      boolean not null default false,
  version    bigint not null default 0,
  unique (garage_id, id)
);
comment on column interchange_note.told_by is 'Who says so';
comment on column interchange_note.tried is 'Fitted here, and it fits';
create index interchange_note_garage on interchange_note (garage_id, part);
create trigger history after insert or update or delete on interchange_note for each row execute function record_history();
