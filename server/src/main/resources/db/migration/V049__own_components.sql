-- What a person says of the parts of one vehicle: another name, not there, not original; and parts that the files do not know.
create table own_component (
  id           uuid primary key,
  garage_id    uuid not null,
  project_id   uuid not null,
  component    text not null check (component ~ '^[a-z0-9-]{1,60}$'),
  name         text check (btrim(name) <> '' and length(name) <= 120),
  absent       boolean not null default false,
  not_original text not null default '' check (length(not_original) <= 120),
  place        text,
  system       text,
  nature       text,
  version      bigint not null default 0,
  unique (garage_id, id),
  unique (garage_id, project_id, component),
  foreign key (garage_id, project_id) references project (garage_id, id),
  check ((component like 'own-%') = (place is not null)),
  check ((place is null) = (system is null) and (place is null) = (nature is null)),
  check (place is null or name is not null)
);
comment on column own_component.component is 'Of an added one it begins with own-';
create trigger history after insert or update or delete on own_component for each row execute function record_history();
