-- What measured values are read with.
create table instrument (
  id         uuid primary key,
  garage_id  uuid not null references garage (id),
  name       text not null check (btrim(name) <> '' and length(name) <= 120),
  unit       text not null,
  reads_from double precision not null,
  reads_to   double precision not null,
  resolution double precision not null check (resolution > 0),
  unique (garage_id, id),
  check (reads_from < reads_to)
);
create trigger history after insert or update or delete on instrument for each row execute function record_history();

-- A value as the instrument shows it, or the date on which a part was made. Nothing is overwritten: at a spot the last one counts.
create table reading (
  id            uuid primary key,
  garage_id     uuid not null,
  project_id    uuid not null,
  limit_id      text not null check (limit_id ~ '^[a-z0-9-]+$'),
  place         text not null check (place ~ '^[a-z0-9-]+$'),
  spot          text not null check (btrim(spot) <> '' and length(spot) <= 40),
  value         double precision check (value between -1e9 and 1e9),
  unit          text not null,
  made_on       date,
  instrument_id uuid,
  read_on       date not null,
  note          text not null default '' check (length(note) <= 4000),
  account_id    uuid not null references account (id),
  recorded_at   timestamptz not null default clock_timestamp(),
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, instrument_id) references instrument (garage_id, id),
  check (num_nonnulls(value, made_on) = 1)
);
comment on column reading.spot is 'Where at the place: a cylinder, a corner, a point of a panel by row and column';
create index reading_project on reading (garage_id, project_id, limit_id, place, spot, read_on, recorded_at);
create index reading_instrument on reading (garage_id, instrument_id);
create index reading_account on reading (account_id);
create trigger history after insert or update or delete on reading for each row execute function record_history();

-- The maker's own figure for one vehicle, in place of a general one. Compared with its document, it may clear a finding.
create table maker_figure (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  limit_id   text not null check (limit_id ~ '^[a-z0-9-]+$'),
  least      double precision,
  most       double precision,
  document   text not null check (btrim(document) <> '' and length(document) <= 120),
  compared   boolean not null,
  version    bigint not null default 0,
  unique (garage_id, id),
  unique (garage_id, project_id, limit_id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  check (num_nonnulls(least, most) > 0),
  check (least < most)
);
comment on column maker_figure.compared is 'Somebody held the figure against the document';
create trigger history after insert or update or delete on maker_figure for each row execute function record_history();
