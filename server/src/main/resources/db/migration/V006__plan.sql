create table calendar_window (
  id          uuid primary key,
  garage_id   uuid not null,
  account_id  uuid not null,
  weekday     int not null check (weekday between 1 and 7),
  from_minute int not null check (from_minute >= 0 and from_minute % 15 = 0),
  to_minute   int not null check (to_minute <= 1440 and to_minute % 15 = 0),
  check (from_minute < to_minute),
  foreign key (garage_id, account_id) references member (garage_id, account_id)
);
create index calendar_window_member on calendar_window (garage_id, account_id);
create trigger history after insert or update or delete on calendar_window for each row execute function record_history();

-- A chain of jobs that is shown as one piece of work.
create table work_chain (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  title      text not null check (btrim(title) <> '' and length(title) <= 200),
  recipe     text not null,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index work_chain_project on work_chain (garage_id, project_id);
create trigger history after insert or update or delete on work_chain for each row execute function record_history();

create table job (
  id                  uuid primary key,
  garage_id           uuid not null,
  project_id          uuid not null,
  chain_id            uuid,
  position            int not null default 0,
  code                text not null check (code ~ '^[23456789CDFHJKLMNPRTWXY]{3,6}$'),
  title               text not null check (btrim(title) <> '' and length(title) <= 120),
  operation           text not null,
  zone                text check (zone ~ '^[a-z0-9-]+$'),
  aim                 text not null check (aim in ('RUNNER', 'ROAD_READY', 'DRIVER', 'SHOW')),
  optimistic_minutes  int not null check (optimistic_minutes >= 0),
  likely_minutes      int not null,
  pessimistic_minutes int not null check (pessimistic_minutes <= 120000),
  state               text not null check (state in ('PROPOSED', 'PLANNED', 'BEGUN', 'TRIAL_FITTED', 'LOOSE', 'WORKS_NOT_BUTTONED_UP', 'FINISHED', 'VERIFIED', 'DROPPED')),
  note                text not null default '' check (length(note) <= 4000),
  version             bigint not null default 0,
  unique (garage_id, id),
  unique (garage_id, code),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, chain_id) references work_chain (garage_id, id),
  check (optimistic_minutes <= likely_minutes and likely_minutes <= pessimistic_minutes)
);
create index job_project on job (garage_id, project_id);
create index job_chain on job (garage_id, chain_id);
create trigger history after insert or update or delete on job for each row execute function record_history();

create table job_finding (
  id         uuid primary key,
  garage_id  uuid not null,
  job_id     uuid not null,
  finding_id uuid not null,
  unique (job_id, finding_id),
  foreign key (garage_id, job_id) references job (garage_id, id),
  foreign key (garage_id, finding_id) references finding (garage_id, id)
);
create index job_finding_job on job_finding (garage_id, job_id);
create index job_finding_finding on job_finding (garage_id, finding_id);
create trigger history after insert or update or delete on job_finding for each row execute function record_history();

create table job_link (
  id        uuid primary key,
  garage_id uuid not null,
  before_id uuid not null,
  after_id  uuid not null,
  unique (before_id, after_id),
  check (before_id <> after_id),
  foreign key (garage_id, before_id) references job (garage_id, id),
  foreign key (garage_id, after_id) references job (garage_id, id)
);
create index job_link_before on job_link (garage_id, before_id);
create index job_link_after on job_link (garage_id, after_id);
create trigger history after insert or update or delete on job_link for each row execute function record_history();

alter table need add foreign key (garage_id, job_id) references job (garage_id, id);
