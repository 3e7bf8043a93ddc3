-- What always comes on top, where a person set a sum aside for it instead of the usual share; and what runs with the calendar.
create table forecast_allowance (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  what       text not null check (btrim(what) <> '' and length(what) <= 40),
  minor      bigint not null check (minor between 0 and 10000000000),
  unique (garage_id, project_id, what),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index forecast_allowance_project on forecast_allowance (garage_id, project_id);
create trigger history after insert or update or delete on forecast_allowance for each row execute function record_history();

create table running_cost (
  id              uuid primary key,
  garage_id       uuid not null,
  project_id      uuid not null,
  name            text not null check (btrim(name) <> '' and length(name) <= 120),
  per_month_minor bigint not null check (per_month_minor between 1 and 10000000000),
  from_on         date not null,
  until_on        date check (until_on >= from_on),
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
comment on column running_cost.until_on is 'Null: until the road';
create index running_cost_project on running_cost (garage_id, project_id);
create trigger history after insert or update or delete on running_cost for each row execute function record_history();
