-- Other ways to do a car, set beside the way it is planned.
create table other_way (
  id            uuid primary key,
  garage_id     uuid not null,
  project_id    uuid not null,
  name          text not null check (btrim(name) <> '' and length(name) <= 120),
  standard      text check (standard in ('ROAD_READY', 'DRIVER', 'SHOW')),
  sessions_more int not null check (sessions_more between -6 and 6),
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
comment on column other_way.standard is 'Only what this asks for is done; null for all that is planned';
create index other_way_project on other_way (garage_id, project_id);
create trigger history after insert or update or delete on other_way for each row execute function record_history();

create table other_way_given_away (
  id         uuid primary key default gen_random_uuid(),
  garage_id  uuid not null,
  way_id     uuid not null,
  job_id     uuid not null,
  days       int not null check (days between 0 and 730),
  cost_minor bigint not null check (cost_minor between 0 and 1000000000000),
  unique (way_id, job_id),
  foreign key (garage_id, way_id) references other_way (garage_id, id) on delete cascade,
  foreign key (garage_id, job_id) references job (garage_id, id) on delete cascade
);
create index other_way_given_away_job on other_way_given_away (garage_id, job_id);
create trigger history after insert or update or delete on other_way_given_away for each row execute function record_history();
