-- A vehicle or a lot that is bought for its parts: what each piece is good for, what it cost, what came back.
create table donor (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  place_id   uuid not null,
  kind       text not null check (kind in ('VEHICLE', 'LOT')),
  name       text not null check (btrim(name) <> '' and length(name) <= 120),
  cost_minor bigint not null check (cost_minor between 0 and 10000000000),
  bought_on  date not null,
  gone_by    date,
  gone_on    date,
  note       text not null default '' check (length(note) <= 4000),
  version    bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, place_id) references place (garage_id, id)
);
comment on column donor.place_id is 'Where it stands: what lies there is still on it';
comment on column donor.gone_by is 'By when the shell has to go';
create index donor_project on donor (garage_id, project_id);
create index donor_place on donor (garage_id, place_id);
create trigger history after insert or update or delete on donor for each row execute function record_history();

alter table stock
  add donor_id    uuid,
  add verdict     text check (verdict in ('FILLS_GAP', 'BETTER', 'SPARE', 'PATTERN', 'SCRAP', 'UNKNOWN')),
  add value_minor bigint check (value_minor between 0 and 10000000000),
  add foreign key (garage_id, donor_id) references donor (garage_id, id),
  add check ((donor_id is null) = (verdict is null)),
  add check ((donor_id is null) = (value_minor is null));
comment on column stock.value_minor is 'What all of it would cost elsewhere, when it came: by this the cost of the donor is spread';
create index stock_donor on stock (garage_id, donor_id);

alter table stock_move
  add proceeds_minor bigint not null default 0 check (proceeds_minor between 0 and 10000000000),
  add check (proceeds_minor = 0 or kind = 'SOLD');
