-- What was tested or looked at before a gate, or after so many kilometres. Of several of one kind the last that stands counts; later work voids it.
create table road_proof (
  id          uuid primary key,
  garage_id   uuid not null,
  project_id  uuid not null,
  proof       text not null check (proof ~ '^[a-z0-9-]+$'),
  done_on     date not null,
  value       double precision,
  valid_until date,
  note        text not null default '' check (length(note) <= 4000),
  account_id  uuid not null references account (id),
  recorded_at timestamptz not null default clock_timestamp(),
  voided_at   timestamptz,
  voided_by   text check (length(voided_by) between 1 and 200),
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  check ((voided_at is null) = (voided_by is null)),
  check (valid_until >= done_on)
);
comment on column road_proof.voided_by is 'The work that voided it, or that somebody took it back';
create index road_proof_project on road_proof (garage_id, project_id, proof, recorded_at);
create index road_proof_account on road_proof (account_id);
create trigger history after insert or update or delete on road_proof for each row execute function record_history();

-- Fasteners that hold wheels, brakes, steering, suspension, belts, seats or airbags, and how they are tightened.
create table fastener (
  id            uuid primary key,
  garage_id     uuid not null,
  project_id    uuid not null,
  job_id        uuid,
  title         text not null check (btrim(title) <> '' and length(title) <= 120),
  system        text not null,
  tightness     text not null check (tightness in ('TO_FIND', 'FINGER_TIGHT', 'BY_FEEL', 'FIGURE')),
  newton_metres double precision check (newton_metres > 0 and newton_metres <= 1000),
  source        text not null default '' check (length(source) <= 120),
  tightened_on  date,
  account_id    uuid references account (id),
  version       bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id),
  check (tightness <> 'FIGURE' or (newton_metres is not null and btrim(source) <> '' and tightened_on is not null and account_id is not null))
);
create index fastener_project on fastener (garage_id, project_id);
create index fastener_job on fastener (garage_id, job_id) where job_id is not null;
create index fastener_account on fastener (account_id) where account_id is not null;
create trigger history after insert or update or delete on fastener for each row execute function record_history();
