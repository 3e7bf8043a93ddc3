-- Who read it, where it was not the person who typed it: what must not be misread is read by two.
alter table reading add column measurer text not null default '' check (length(measurer) <= 120);

-- What tells this vehicle from another: what the papers say, what stands on it.
create table identity_feature (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  feature    text not null check (feature in ('VEHICLE_NUMBER', 'ENGINE_NUMBER', 'GEARBOX_NUMBER', 'MAKERS_PLATE', 'DATE_MARKS', 'COLOUR_TRACES', 'VARIANT', 'PAPERS_AND_HISTORY')),
  expected   text not null default '' check (length(expected) <= 120),
  found      text not null default '' check (length(found) <= 120),
  found_at   text not null default '' check (length(found_at) <= 120),
  agrees     boolean,
  version    bigint not null default 1,
  unique (garage_id, id),
  unique (garage_id, project_id, feature),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
comment on column identity_feature.version is 'Begins at 1: 0 is what a window says that knows of none yet';
comment on column identity_feature.agrees is 'What a person says, where the two cannot be compared character by character';
create trigger history after insert or update or delete on identity_feature for each row execute function record_history();

-- Parts that a sister variant has otherwise: they look alike and do not fit.
create table variant_part (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  name       text not null check (btrim(name) <> '' and length(name) <= 120),
  difference text not null check (btrim(difference) <> '' and length(difference) <= 120),
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index variant_part_project on variant_part (garage_id, project_id);
create trigger history after insert or update or delete on variant_part for each row execute function record_history();

-- A distance of the shell, what it ought to be, and what it was at each stage.
create table reference_point (
  id           uuid primary key,
  garage_id    uuid not null,
  project_id   uuid not null,
  zone         text not null check (zone ~ '^[a-z0-9-]+$'),
  name         text not null check (btrim(name) <> '' and length(name) <= 120),
  expected_mm  double precision not null check (expected_mm > 0 and expected_mm <= 10000),
  tolerance_mm double precision not null check (tolerance_mm > 0 and tolerance_mm < expected_mm),
  against      text not null check (against in ('DOCUMENT', 'NEIGHBOUR')),
  reference    text not null check (btrim(reference) <> '' and length(reference) <= 120),
  reliable     boolean not null,
  version      bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index reference_point_project on reference_point (garage_id, project_id);
create trigger history after insert or update or delete on reference_point for each row execute function record_history();

create table reference_reading (
  id          uuid primary key,
  garage_id   uuid not null,
  point_id    uuid not null,
  stage       text not null check (stage in ('AS_FOUND', 'PULLED', 'FITTED')),
  actual_mm   double precision not null check (actual_mm > 0 and actual_mm <= 10000),
  measured_on date not null,
  recorded_at timestamptz not null default clock_timestamp(),
  unique (garage_id, id),
  foreign key (garage_id, point_id) references reference_point (garage_id, id)
);
comment on table reference_reading is 'Nothing is overwritten: the last one of a stage counts';
create index reference_reading_point on reference_reading (garage_id, point_id, stage, recorded_at);
create trigger history after insert or update or delete on reference_reading for each row execute function record_history();

-- What the modules said at one reading, and what a person thinks is behind a code.
create table fault_scan (
  id          uuid primary key,
  garage_id   uuid not null,
  project_id  uuid not null,
  scanned_on  date not null,
  after_drive boolean not null,
  note        text not null default '' check (length(note) <= 4000),
  recorded_at timestamptz not null default clock_timestamp(),
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index fault_scan_project on fault_scan (garage_id, project_id, scanned_on, recorded_at);
create trigger history after insert or update or delete on fault_scan for each row execute function record_history();

create table fault_code (
  id        uuid primary key,
  garage_id uuid not null,
  scan_id   uuid not null,
  module    text not null check (btrim(module) <> '' and length(module) <= 120),
  code      text not null check (code ~ '^[A-Z0-9-]{1,12}$'),
  unique (garage_id, scan_id, module, code),
  foreign key (garage_id, scan_id) references fault_scan (garage_id, id)
);
create trigger history after insert or update or delete on fault_code for each row execute function record_history();

create table fault_cause (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  module     text not null check (btrim(module) <> '' and length(module) <= 120),
  code       text not null check (code ~ '^[A-Z0-9-]{1,12}$'),
  cause      text not null check (btrim(cause) <> '' and length(cause) <= 120),
  job_id     uuid,
  version    bigint not null default 1,
  unique (garage_id, id),
  unique (garage_id, project_id, module, code),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
comment on column fault_cause.version is 'Begins at 1: 0 is what a window says that knows of none yet';
create index fault_cause_job on fault_cause (garage_id, job_id) where job_id is not null;
create trigger history after insert or update or delete on fault_cause for each row execute function record_history();
