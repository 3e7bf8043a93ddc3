-- What somebody said, read or saw that a vehicle has. The last of an item counts; a conversion has its day, and the old value stays.
create table vehicle_equipment (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  item       text not null check (item ~ '^[a-z0-9-]{1,40}$'),
  value      text not null check (value ~ '^[a-z0-9-]{1,40}$'),
  how        text not null check (how in ('SEEN', 'PAPERS', 'SAID')),
  since      date,
  account_id uuid not null references account (id),
  said_at    timestamptz not null,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index vehicle_equipment_project on vehicle_equipment (garage_id, project_id);
create index vehicle_equipment_account on vehicle_equipment (account_id);
create trigger history after insert or update or delete on vehicle_equipment for each row execute function record_history();
