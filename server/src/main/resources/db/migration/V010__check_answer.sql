-- What somebody saw at a check of the catalogue, at one place. Nothing is overwritten: of several answers the last counts.
create table check_answer (
  id          uuid primary key,
  garage_id   uuid not null,
  project_id  uuid not null,
  check_id    text not null check (check_id ~ '^[a-z0-9-]+$'),
  place       text not null check (place ~ '^[a-z0-9-]+$'),
  seen        text not null check (seen in ('GOOD', 'DOUBTFUL', 'BAD', 'MISSING', 'COVERED', 'NOT_OPENED', 'NO_REACH')),
  how_seen    text not null check (how_seen in ('PHOTO', 'WALKED_ROUND', 'ON_STANDS', 'OPENED')),
  covered     boolean not null default false,
  another     boolean not null default false,
  account_id  uuid not null references account (id),
  answered_at timestamptz not null default clock_timestamp(),
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
comment on column check_answer.another is 'Somebody else saw it and told';
create index check_answer_project on check_answer (garage_id, project_id, check_id, place, answered_at);
create index check_answer_account on check_answer (account_id);
create trigger history after insert or update or delete on check_answer for each row execute function record_history();
