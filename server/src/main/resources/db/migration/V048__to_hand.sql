-- What has to be to hand for a job beyond what lies on the bench, and the fasteners that it tightens and on which lives hang.
create table job_to_hand (
  id        uuid primary key,
  garage_id uuid not null,
  job_id    uuid not null,
  tools     text[] not null,
  fasteners text[] not null,
  unique (garage_id, job_id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
create trigger history after insert or update or delete on job_to_hand for each row execute function record_history();
