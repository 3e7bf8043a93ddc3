-- Tools that are hired: each day on which one is used costs something, so the jobs that need it lie together.
create table hired_tool (
  id            uuid primary key,
  garage_id     uuid not null references garage (id),
  name          text not null check (btrim(name) <> '' and length(name) <= 120),
  per_day_minor bigint not null check (per_day_minor between 0 and 100000000),
  unique (garage_id, id)
);
comment on column hired_tool.name is 'As jobs and accesses name it among what has to be to hand';
create unique index hired_tool_name on hired_tool (garage_id, lower(name));
create trigger history after insert or update or delete on hired_tool for each row execute function record_history();
