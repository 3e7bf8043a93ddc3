create table place (
  id        uuid primary key,
  garage_id uuid not null references garage (id),
  code      text not null check (code ~ '^[23456789CDFHJKLMNPRTWXY]{3,6}$'),
  name      text not null check (btrim(name) <> '' and length(name) <= 120),
  kind      text not null check (kind in ('SHELF', 'BENCH', 'BAY', 'BOX', 'BAG', 'AWAY')),
  version   bigint not null default 0,
  unique (garage_id, id),
  unique (garage_id, code)
);
create trigger history after insert or update or delete on place for each row execute function record_history();

create table supplier (
  id        uuid primary key,
  garage_id uuid not null references garage (id),
  name      text not null check (btrim(name) <> '' and length(name) <= 120),
  currency  char(3) not null check (currency ~ '^[A-Z]{3}$'),
  note      text not null default '' check (length(note) <= 4000),
  version   bigint not null default 0,
  unique (garage_id, id)
);
create index supplier_garage on supplier (garage_id);
create trigger history after insert or update or delete on supplier for each row execute function record_history();

create table need (
  id             uuid primary key,
  garage_id      uuid not null,
  project_id     uuid not null,
  job_id         uuid,
  title          text not null check (btrim(title) <> '' and length(title) <= 120),
  side           text not null check (side in ('LEFT', 'RIGHT', 'BOTH', 'NONE')),
  quantity       int not null check (quantity between 1 and 9999),
  estimate_minor bigint not null check (estimate_minor >= 0),
  lead_days      int not null check (lead_days between 0 and 730),
  state          text not null check (state in ('NEEDED', 'HELD', 'SOURCED', 'ORDERED', 'RECEIVED', 'ACCEPTED', 'FITTED', 'VERIFIED', 'RETURNED')),
  state_reason   text not null default '' check (length(state_reason) <= 4000),
  place_id       uuid,
  arrived_on     date,
  version        bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, place_id) references place (garage_id, id),
  -- an accepted part lies somewhere
  check (state <> 'ACCEPTED' or place_id is not null),
  check (state <> 'HELD' or state_reason <> '')
);
create index need_project on need (garage_id, project_id);
create index need_place on need (garage_id, place_id);
create index need_job on need (garage_id, job_id);
create trigger history after insert or update or delete on need for each row execute function record_history();

create table purchase_order (
  id          uuid primary key,
  garage_id   uuid not null,
  project_id  uuid not null,
  supplier_id uuid not null,
  reference   text not null default '' check (length(reference) <= 120),
  currency    char(3) not null check (currency ~ '^[A-Z]{3}$'),
  rate        numeric(18, 8) not null check (rate > 0),
  rate_on     date not null,
  post_minor  bigint not null check (post_minor >= 0),
  ordered_on  date not null,
  expected_on date not null,
  version     bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, supplier_id) references supplier (garage_id, id),
  check (expected_on >= ordered_on)
);
comment on column purchase_order.rate is 'One unit of currency in the base currency of the garage';
create index purchase_order_project on purchase_order (garage_id, project_id);
create index purchase_order_supplier on purchase_order (garage_id, supplier_id);
create trigger history after insert or update or delete on purchase_order for each row execute function record_history();

create table order_line (
  id           uuid primary key,
  garage_id    uuid not null,
  order_id     uuid not null,
  need_id      uuid not null,
  amount_minor bigint not null check (amount_minor >= 0),
  unique (order_id, need_id),
  foreign key (garage_id, order_id) references purchase_order (garage_id, id),
  foreign key (garage_id, need_id) references need (garage_id, id)
);
create index order_line_order on order_line (garage_id, order_id);
create index order_line_need on order_line (garage_id, need_id);
create trigger history after insert or update or delete on order_line for each row execute function record_history();
