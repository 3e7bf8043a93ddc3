-- Rims are not fitted before somebody looked at the seat of their nuts.
alter table interlock_confirmed drop constraint interlock_confirmed_interlock_check;
alter table interlock_confirmed add constraint interlock_confirmed_interlock_check check (interlock in ('ISOLATED', 'SUPPORTED', 'DRAINED', 'PROVED_EMPTY', 'FUEL_AWAY', 'VENTILATED', 'EXTINGUISHER', 'EYES_AND_HANDS', 'DO_NOT_RUN', 'DO_NOT_DRIVE', 'NUT_SEAT'));

-- How good a part has to be, and why it differs from what the aim asks for.
alter table need
  add column grade text check (grade in ('SERVICEABLE', 'GOOD', 'SHOW')),
  add column grade_reason text not null default '' check (length(grade_reason) <= 120);

-- What is stuck on a plug, a bag or a piece, so that it finds its way back.
create table label (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  kind       text not null check (kind in ('PLUG', 'BAG', 'PIECE')),
  code       text not null check (code ~ '^[23456789CDFHJKLMNPRTWXY]{3,6}$'),
  words      text not null check (btrim(words) <> '' and length(words) <= 120),
  made_at    timestamptz not null,
  unique (garage_id, id),
  unique (garage_id, code),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index label_project on label (garage_id, project_id);
create trigger history after insert or update or delete on label for each row execute function record_history();

-- How an awkward fastener is reached: found once, never to be found again.
create table reach (
  id         uuid primary key,
  garage_id  uuid not null,
  job_id     uuid not null,
  fastener   text not null check (btrim(fastener) <> '' and length(fastener) <= 120),
  tools      text not null check (btrim(tools) <> '' and length(tools) <= 120),
  only_after uuid,
  unique (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id),
  foreign key (garage_id, only_after) references job (garage_id, id)
);
comment on column reach.only_after is 'The job that has to be done before it can be reached';
create index reach_job on reach (garage_id, job_id);
create index reach_only_after on reach (garage_id, only_after) where only_after is not null;
create trigger history after insert or update or delete on reach for each row execute function record_history();
