-- What came from one's own stock at no cash, and what it would have cost somebody else.
create table own_stock_use (
  id          uuid primary key,
  garage_id   uuid not null,
  project_id  uuid not null,
  title       text not null check (btrim(title) <> '' and length(title) <= 120),
  worth_minor bigint not null check (worth_minor between 1 and 10000000000),
  job_id      uuid,
  used_on     date not null,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
comment on column own_stock_use.worth_minor is 'What it would cost to buy, in the base currency; it is no cash and stands in no total of the ledger';
create index own_stock_use_project on own_stock_use (garage_id, project_id);
create trigger history after insert or update or delete on own_stock_use for each row execute function record_history();
