-- Where the engine is behind what it drives, other things stand in the way.
alter table vehicle drop constraint vehicle_drive_check;
alter table vehicle add constraint vehicle_drive_check check (drive in ('REAR', 'FRONT', 'ALL', 'REAR_ENGINE'));

-- What a job does more exactly, how many pieces it deals with, why it was added, and what is still open on it.
alter table job
  add column details text[] not null default '{}',
  add column pieces int not null default 1 check (pieces between 1 and 9999),
  add column cause text not null default 'FORGOTTEN' check (cause in ('FOUND', 'WAY_IN_OPEN', 'TASTE', 'AIM', 'FORGOTTEN')),
  add column half_open text not null default '' check (length(half_open) <= 4000);
comment on column job.half_open is 'What is not closed, tight or clipped yet, while it only works or hangs on for a trial';

-- Which way in each job needs to have open, with what that needs itself; jobs with the same stay share one opening.
create table job_way_in (
  id        uuid primary key,
  garage_id uuid not null,
  job_id    uuid not null,
  way_in    text not null check (way_in ~ '^[a-z0-9-]+$'),
  direct    boolean not null,
  stay      uuid not null,
  unique (garage_id, job_id, way_in),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
comment on column job_way_in.direct is 'The job itself needs it, not only another way in';
create index job_way_in_stay on job_way_in (garage_id, stay);
create trigger history after insert or update or delete on job_way_in for each row execute function record_history();

-- A stay that was opened, and when it was closed again.
create table opening (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  way_in     text not null check (way_in ~ '^[a-z0-9-]+$'),
  opened_on  date not null,
  closed_on  date,
  temporary  boolean not null default false,
  version    bigint not null default 1,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  check (opened_on <= closed_on)
);
comment on column opening.temporary is 'Closed with the old filling, for the time being';
create index opening_project on opening (garage_id, project_id);
create trigger history after insert or update or delete on opening for each row execute function record_history();

-- A person's own way in, or their own figures for one of the library.
create table own_way_in (
  id            uuid primary key,
  garage_id     uuid not null,
  project_id    uuid not null,
  way_in        text not null check (way_in ~ '^[a-z0-9-]+$'),
  name          text not null check (btrim(name) <> '' and length(name) <= 120),
  needs         text[] not null default '{}',
  strip_minutes int not null check (strip_minutes between 0 and 12000),
  refit_minutes int not null check (refit_minutes between 0 and 12000),
  people        int not null check (people between 1 and 6),
  rolls         boolean not null,
  version       bigint not null default 1,
  unique (garage_id, id),
  unique (garage_id, project_id, way_in),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create trigger history after insert or update or delete on own_way_in for each row execute function record_history();

-- A rule of order that a person excused, for one pair of jobs; before = after where nothing is there to be done first.
create table sequence_waiver (
  id         uuid primary key,
  garage_id  uuid not null,
  rule       text not null check (rule ~ '^[a-z0-9-]+$'),
  before_id  uuid not null,
  after_id   uuid not null,
  reason     text not null check (btrim(reason) <> '' and length(reason) <= 120),
  unique (garage_id, rule, before_id, after_id),
  foreign key (garage_id, before_id) references job (garage_id, id),
  foreign key (garage_id, after_id) references job (garage_id, id)
);
create index sequence_waiver_before on sequence_waiver (garage_id, before_id);
create index sequence_waiver_after on sequence_waiver (garage_id, after_id);
create trigger history after insert or update or delete on sequence_waiver for each row execute function record_history();

-- The scope as it was when the work began: kept, whatever is added.
create table baseline_job (
  id             uuid primary key,
  garage_id      uuid not null,
  project_id     uuid not null,
  job_id         uuid not null,
  likely_minutes int not null check (likely_minutes >= 0),
  set_on         date not null,
  unique (garage_id, job_id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
create index baseline_job_project on baseline_job (garage_id, project_id);
create trigger history after insert or update or delete on baseline_job for each row execute function record_history();

-- An aim of one zone that differs from the project's, with its reason.
create table zone_aim (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  zone       text not null check (zone ~ '^[a-z0-9-]+$'),
  aim        text not null check (aim in ('RUNNER', 'ROAD_READY', 'DRIVER', 'SHOW')),
  reason     text not null check (btrim(reason) <> '' and length(reason) <= 120),
  unique (garage_id, project_id, zone),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create trigger history after insert or update or delete on zone_aim for each row execute function record_history();

-- Owed to the car: works for now, to be done rightly later.
create table debt (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  zone       text check (zone ~ '^[a-z0-9-]+$'),
  what       text not null check (btrim(what) <> '' and length(what) <= 120),
  later      text not null check (btrim(later) <> '' and length(later) <= 120),
  trigger_on text not null check (trigger_on in ('EVENT', 'DATE', 'ARRIVAL')),
  event      text not null default '' check (length(event) <= 4000),
  due_on     date,
  need_id    uuid,
  job_id     uuid,
  happened   boolean not null default false,
  settled_on date,
  version    bigint not null default 1,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, need_id) references need (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
comment on column debt.job_id is 'The later, permanent job';
create index debt_project on debt (garage_id, project_id);
create index debt_need on debt (garage_id, need_id) where need_id is not null;
create index debt_job on debt (garage_id, job_id) where job_id is not null;
create trigger history after insert or update or delete on debt for each row execute function record_history();

-- What has to be so before the first step of a job: each confirmed by itself.
create table interlock_confirmed (
  id           uuid primary key,
  garage_id    uuid not null,
  job_id       uuid not null,
  interlock    text not null check (interlock in ('ISOLATED', 'SUPPORTED', 'DRAINED', 'PROVED_EMPTY', 'FUEL_AWAY', 'VENTILATED', 'EXTINGUISHER', 'EYES_AND_HANDS', 'DO_NOT_RUN', 'DO_NOT_DRIVE')),
  account_id   uuid not null references account (id),
  confirmed_at timestamptz not null,
  unique (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
create index interlock_confirmed_job on interlock_confirmed (garage_id, job_id);
create index interlock_confirmed_account on interlock_confirmed (account_id);
create trigger history after insert or update or delete on interlock_confirmed for each row execute function record_history();

-- Doorways, trailers and bays, the size of the vehicle, and what jobs do to it.
create table passage (
  id        uuid primary key,
  garage_id uuid not null references garage (id),
  name      text not null check (btrim(name) <> '' and length(name) <= 120),
  height_mm int not null check (height_mm between 1 and 15000),
  width_mm  int not null check (width_mm between 1 and 15000),
  length_mm int check (length_mm between 1 and 15000),
  margin_mm int not null check (margin_mm between 0 and 15000),
  unique (garage_id, id)
);
create trigger history after insert or update or delete on passage for each row execute function record_history();

create table envelope (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  height_mm  int not null check (height_mm between 1 and 15000),
  width_mm   int not null check (width_mm between 1 and 15000),
  length_mm  int not null check (length_mm between 1 and 15000),
  unique (garage_id, project_id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create trigger history after insert or update or delete on envelope for each row execute function record_history();

create table envelope_change (
  id        uuid primary key,
  garage_id uuid not null,
  job_id    uuid not null,
  height_mm int not null check (height_mm between -15000 and 15000),
  width_mm  int not null check (width_mm between -15000 and 15000),
  length_mm int not null check (length_mm between -15000 and 15000),
  unique (garage_id, job_id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
create trigger history after insert or update or delete on envelope_change for each row execute function record_history();

-- The cause of a repair that was made again and again.
create table repeat_cause (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  zone       text not null check (zone ~ '^[a-z0-9-]+$'),
  operation  text not null,
  cause      text not null check (btrim(cause) <> '' and length(cause) <= 120),
  unique (garage_id, project_id, zone, operation),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create trigger history after insert or update or delete on repeat_cause for each row execute function record_history();
