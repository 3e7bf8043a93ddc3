-- What happened to a vehicle, so that further parts come under suspicion.
create table vehicle_event (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  event      text not null check (event in ('RAN_DRY', 'FLOODED', 'CRASHED', 'AIRBAGS_FIRED', 'VERMIN', 'WRONG_JACKING', 'LONG_SLEEP')),
  note       text not null default '' check (length(note) <= 4000),
  unique (garage_id, id),
  unique (garage_id, project_id, event),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create trigger history after insert or update or delete on vehicle_event for each row execute function record_history();
