-- What a person thinks that a vehicle fetches, and what selling it takes. Amounts in minor units of the garage's currency.
create table keeping (
  id              uuid primary key,
  garage_id       uuid not null,
  now_low         bigint check (now_low between 0 and 10000000000),
  now_likely      bigint check (now_likely between now_low and 10000000000),
  now_high        bigint check (now_high between now_likely and 10000000000),
  finished_low    bigint check (finished_low between 0 and 10000000000),
  finished_likely bigint check (finished_likely between finished_low and 10000000000),
  finished_high   bigint check (finished_high between finished_likely and 10000000000),
  selling_share   int not null check (selling_share between 0 and 9999),
  selling_minor   bigint not null check (selling_minor between 0 and 10000000000),
  hour_minor      bigint not null check (hour_minor between 0 and 10000000000),
  km              int not null check (km between 0 and 10000000),
  version         bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, id) references project (garage_id, id),
  check (num_nulls(now_low, now_likely, now_high) in (0, 3)),
  check (num_nulls(finished_low, finished_likely, finished_high) in (0, 3))
);
comment on column keeping.id is 'The id of the project';
comment on column keeping.finished_low is 'Null: what like vehicles fetched';
comment on column keeping.selling_share is 'Of the price, in hundredths of a percent';
comment on column keeping.hour_minor is 'What an hour would cost if it were paid';
comment on column keeping.km is 'Driven since it was bought';
create trigger history after insert or update or delete on keeping for each row execute function record_history();
