create table entry (
  id           uuid primary key,
  garage_id    uuid not null,
  project_id   uuid not null,
  kind         text not null check (kind in ('PURCHASE', 'FEE', 'TRANSPORT', 'DUTY', 'TAX', 'SERVICE', 'DEPOSIT_PAID', 'DEPOSIT_RETURNED', 'REFUND', 'SALE')),
  paid_on      date not null,
  description  text not null check (btrim(description) <> '' and length(description) <= 120),
  supplier_id  uuid,
  order_id     uuid,
  currency     char(3) not null check (currency ~ '^[A-Z]{3}$'),
  amount_minor bigint not null check (amount_minor <> 0),
  rate         numeric(18, 8) not null check (rate > 0),
  rate_on      date not null,
  base_minor   bigint not null,
  state        text not null check (state in ('DRAFT', 'POSTED')),
  reverses_id  uuid unique,
  version      bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, supplier_id) references supplier (garage_id, id),
  foreign key (garage_id, order_id) references purchase_order (garage_id, id),
  foreign key (garage_id, reverses_id) references entry (garage_id, id)
);
comment on column entry.amount_minor is 'In the currency; negative for money that comes in and for reversals';
create index entry_project on entry (garage_id, project_id);
create index entry_supplier on entry (garage_id, supplier_id);
create index entry_order on entry (garage_id, order_id);
create index entry_reverses on entry (garage_id, reverses_id);
create trigger history after insert or update or delete on entry for each row execute function record_history();

create table split (
  id          uuid primary key,
  garage_id   uuid not null,
  entry_id    uuid not null,
  position    int not null,
  destination text not null check (destination in ('JOB', 'VEHICLE', 'TOOLS', 'DONOR', 'STOCK', 'GENERAL', 'RATE_DIFFERENCE', 'UNASSIGNED')),
  job_id      uuid,
  base_minor  bigint not null,
  check ((destination = 'JOB') = (job_id is not null)),
  foreign key (garage_id, entry_id) references entry (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
create index split_entry on split (garage_id, entry_id);
create index split_job on split (garage_id, job_id);
create trigger history after insert or update or delete on split for each row execute function record_history();

-- What is posted stays: it is reversed, never changed.
create function keep_posted() returns trigger language plpgsql as $$
declare
  entry_state text;
begin
  if tg_table_name = 'entry' then
    entry_state := old.state;
  else
    select state into entry_state from entry where id = coalesce(old.entry_id, new.entry_id);
  end if;
  if entry_state = 'POSTED' then
    raise exception 'entry.posted' using errcode = 'OF001';
  end if;
  return coalesce(new, old);
end $$;
create trigger keep_posted before update or delete on entry for each row execute function keep_posted();
create trigger keep_posted before insert or update or delete on split for each row execute function keep_posted();

-- The shares of an entry sum to it, to the cent, at the end of every transaction.
create function check_splits() returns trigger language plpgsql as $$
declare
  checked_id uuid;
begin
  if tg_table_name = 'entry' then checked_id := new.id; else checked_id := coalesce(new.entry_id, old.entry_id); end if;
  if exists (select from entry e where e.id = checked_id
             and e.base_minor <> (select coalesce(sum(s.base_minor), 0) from split s where s.entry_id = e.id)) then
    raise exception 'split.sum' using errcode = 'OF002';
  end if;
  return null;
end $$;
create constraint trigger check_splits after insert or update on entry deferrable initially deferred for each row execute function check_splits();
create constraint trigger check_splits after insert or update or delete on split deferrable initially deferred for each row execute function check_splits();
