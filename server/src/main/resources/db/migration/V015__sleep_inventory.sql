-- What tells when a vehicle last ran.
create table sleep_evidence (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  kind       text not null check (kind in ('STATEMENT', 'DATED_PAPER', 'DATED_PART', 'STATE_OF_PARTS', 'UNDISTURBED')),
  used_on    date,
  note       text not null default '' check (length(note) <= 4000),
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  check ((kind = 'UNDISTURBED') = (used_on is null))
);
create index sleep_evidence_project on sleep_evidence (garage_id, project_id);
create trigger history after insert or update or delete on sleep_evidence for each row execute function record_history();

-- What belongs to a vehicle: how much of it is on it, and how much lies loose in boxes.
create table inventory_line (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  zone       text not null check (zone ~ '^[a-z0-9-]+$'),
  name       text not null check (btrim(name) <> '' and length(name) <= 120),
  expected   int not null check (expected between 1 and 9999),
  on_vehicle int not null check (on_vehicle between 0 and expected),
  loose      int not null check (loose between 0 and 9999),
  box        text not null default '' check (length(box) <= 120),
  version    bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index inventory_line_project on inventory_line (garage_id, project_id, zone);
create trigger history after insert or update or delete on inventory_line for each row execute function record_history();
