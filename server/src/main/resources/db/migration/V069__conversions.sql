-- Something else is fitted in the place of what was there: a pack with all that it needs, and what it would replace.
create table conversion (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  job_id     uuid,
  name       text not null check (btrim(name) <> '' and length(name) <= 120),
  way_back   text not null default '' check (length(way_back) <= 4000),
  state      text not null check (state in ('CONSIDERED', 'CHOSEN', 'DROPPED')),
  answer_by  date,
  version    bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
comment on column conversion.job_id is 'Its first step: it does not begin before the pack is whole';
create index conversion_project on conversion (garage_id, project_id);
create index conversion_job on conversion (garage_id, job_id);
create trigger history after insert or update or delete on conversion for each row execute function record_history();

create table conversion_need (
  id            uuid primary key default gen_random_uuid(),
  garage_id     uuid not null,
  conversion_id uuid not null,
  need_id       uuid not null,
  is_replaced   boolean not null,
  unique (garage_id, need_id),
  foreign key (garage_id, conversion_id) references conversion (garage_id, id) on delete cascade,
  foreign key (garage_id, need_id) references need (garage_id, id) on delete cascade
);
comment on column conversion_need.is_replaced is 'The conversion takes its place; else it belongs to the pack';
create index conversion_need_conversion on conversion_need (garage_id, conversion_id);
create trigger history after insert or update or delete on conversion_need for each row execute function record_history();
