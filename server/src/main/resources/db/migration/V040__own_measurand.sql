-- What a person added to measure on one vehicle; its figures stand in maker_figure, its readings in reading, under own-<id>.
create table own_measurand (
  id           uuid primary key,
  garage_id    uuid not null,
  project_id   uuid not null,
  name         text not null check (btrim(name) <> '' and length(name) <= 120),
  unit         text not null,
  system       text not null,
  safety_class text not null check (safety_class in ('A', 'B', 'C', 'D')),
  adjustable   boolean not null,
  unique (garage_id, id),
  unique (garage_id, project_id, name),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
comment on column own_measurand.adjustable is 'It can be set, filed, honed or shimmed to size';
create trigger history after insert or update or delete on own_measurand for each row execute function record_history();
