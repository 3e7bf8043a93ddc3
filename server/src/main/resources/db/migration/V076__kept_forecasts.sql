-- What the whole was thought to cost, day by day, with the lines it was added up from: the last of a day stands for it.
-- It is worked out from everything else, so it has no history of its own.
create table kept_forecast (
  id         uuid primary key default gen_random_uuid(),
  garage_id  uuid not null,
  project_id uuid not null,
  kept_on    date not null,
  low        bigint not null,
  expected   bigint not null check (expected >= low),
  high       bigint not null check (high >= expected),
  lines      jsonb not null check (jsonb_typeof(lines) = 'array'),
  seen       bigint not null,
  unique (garage_id, project_id, kept_on),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
comment on column kept_forecast.lines is 'Of each line: kind, about, expected in minor units';
comment on column kept_forecast.seen is 'The newest change of the garage that it knows of';
