-- A result measured before a piece of work and after it: whether it was worth its money is tested and not believed.
create table gain (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  job_id     uuid,
  title      text not null check (btrim(title) <> '' and length(title) <= 120),
  unit       text not null check (btrim(unit) <> '' and length(unit) <= 20),
  better     text not null check (better in ('MORE', 'LESS')),
  alike      boolean not null,
  conditions text not null check (length(conditions) <= 120),
  before     double precision[] not null check (cardinality(before) between 1 and 50),
  after      double precision[] not null check (cardinality(after) between 1 and 50),
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
comment on column gain.job_id is 'The work that is to have brought it; its money and hours are set against it';
comment on column gain.alike is 'Both were measured alike: the same place, load, weather and instrument';
create index gain_project on gain (garage_id, project_id);
create trigger history after insert or update or delete on gain for each row execute function record_history();
