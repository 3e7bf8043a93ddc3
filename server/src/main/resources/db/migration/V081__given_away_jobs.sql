-- A job that somebody else does: to whom, for how long, for how much.
create table given_away_job (
  id         uuid primary key,
  garage_id  uuid not null,
  to_whom    text not null check (length(to_whom) <= 120),
  days       int not null check (days between 0 and 730),
  cost_minor bigint not null check (cost_minor between 0 and 1000000000000),
  back_on    date,
  version    bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, id) references job (garage_id, id) on delete cascade
);
comment on column given_away_job.id is 'The id of the job';
comment on column given_away_job.to_whom is 'Empty where nobody has chosen yet';
comment on column given_away_job.cost_minor is 'What was agreed, in the base currency; 0 where nobody knows yet';
comment on column given_away_job.back_on is 'The day that was promised, once it was handed over';
create trigger history after insert or update or delete on given_away_job for each row execute function record_history();
