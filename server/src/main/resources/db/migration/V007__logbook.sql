create table evening (
  id           uuid primary key,
  garage_id    uuid not null,
  project_id   uuid not null,
  account_id   uuid not null,
  worked_on    date not null,
  done         text not null default '' check (length(done) <= 4000),
  learned      text not null default '' check (length(learned) <= 4000),
  note_to_self text not null default '' check (length(note_to_self) <= 4000),
  version      bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, account_id) references member (garage_id, account_id)
);
create index evening_project on evening (garage_id, project_id);
create index evening_member on evening (garage_id, account_id);
create trigger history after insert or update or delete on evening for each row execute function record_history();

create table evening_job (
  id         uuid primary key,
  garage_id  uuid not null,
  evening_id uuid not null,
  job_id     uuid not null,
  minutes    int not null check (minutes between 1 and 1440),
  unique (evening_id, job_id),
  foreign key (garage_id, evening_id) references evening (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
create index evening_job_evening on evening_job (garage_id, evening_id);
create index evening_job_job on evening_job (garage_id, job_id);
create trigger history after insert or update or delete on evening_job for each row execute function record_history();
