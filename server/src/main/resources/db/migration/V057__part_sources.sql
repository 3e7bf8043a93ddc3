-- What a parcel from a seller costs, and what he and others offer for what is needed.
alter table supplier
  add post_minor    bigint not null default 0 check (post_minor between 0 and 100000000),
  add free_from_minor bigint check (free_from_minor between 0 and 10000000000),
  add duty_per_mille int not null default 0 check (duty_per_mille between 0 and 1000),
  add tax_per_mille  int not null default 0 check (tax_per_mille between 0 and 1000),
  add rate          numeric(18, 8) check (rate > 0);
comment on column supplier.rate is 'One unit of its currency in the base currency of the garage, as it was last said; null where nobody said';

create table part_source (
  id            uuid primary key,
  garage_id     uuid not null,
  project_id    uuid not null,
  supplier_id   uuid,
  kind          text not null check (kind in ('NEW_ORIGINAL', 'NEW_PATTERN', 'RECONDITIONED', 'USED', 'DONOR', 'OWN_STOCK', 'MADE', 'LENT')),
  title         text not null check (btrim(title) <> '' and length(title) <= 120),
  price_minor   bigint not null check (price_minor between 0 and 10000000000),
  deposit_minor bigint not null check (deposit_minor between 0 and 10000000000),
  most          int not null check (most between 1 and 9999),
  lead_days     int not null check (lead_days between 0 and 730),
  wrong_percent int not null check (wrong_percent between 0 and 100),
  version       bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, supplier_id) references supplier (garage_id, id)
);
comment on column part_source.supplier_id is 'Null where nobody sells it: own stock, made, lent';
create index part_source_project on part_source (garage_id, project_id);
create index part_source_supplier on part_source (garage_id, supplier_id);
create trigger history after insert or update or delete on part_source for each row execute function record_history();

create table part_source_holds (
  id        uuid primary key default gen_random_uuid(),
  garage_id uuid not null,
  source_id uuid not null,
  need_id   uuid not null,
  pieces    int not null check (pieces between 1 and 99999),
  unique (source_id, need_id),
  foreign key (garage_id, source_id) references part_source (garage_id, id) on delete cascade,
  foreign key (garage_id, need_id) references need (garage_id, id) on delete cascade
);
comment on table part_source_holds is 'What is in one of it: a kit holds several parts, a pack several pieces of one';
create index part_source_holds_source on part_source_holds (garage_id, source_id);
create index part_source_holds_need on part_source_holds (garage_id, need_id);
create trigger history after insert or update or delete on part_source_holds for each row execute function record_history();
