-- What a group of the work may cost; and of what was paid, what was for nothing and why.
create table group_budget (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  grp        text not null check (btrim(grp) <> '' and length(grp) <= 40),
  minor      bigint not null check (minor between 0 and 10000000000),
  unique (garage_id, project_id, grp),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create trigger history after insert or update or delete on group_budget for each row execute function record_history();

create table waste (
  id        uuid primary key,
  garage_id uuid not null,
  entry_id  uuid not null,
  minor     bigint not null check (minor between 1 and 10000000000),
  cause     text not null check (cause in ('BROKEN_BY_ME', 'IN_TRANSIT', 'WRONG_ORDER', 'WRONG_GUESS', 'REPEAT', 'HANDLING')),
  note      text not null default '' check (length(note) <= 120),
  unique (garage_id, id),
  foreign key (garage_id, entry_id) references entry (garage_id, id)
);
comment on column waste.minor is 'Of what was paid, in the base currency: it stays in the total';
create index waste_entry on waste (garage_id, entry_id);
create trigger history after insert or update or delete on waste for each row execute function record_history();
