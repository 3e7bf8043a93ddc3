-- What goes from one car to another is booked on both, in one go.
alter table entry drop constraint entry_kind_check;
alter table entry add constraint entry_kind_check check (kind in (
  'PURCHASE', 'FEE', 'TRANSPORT', 'DUTY', 'TAX', 'SERVICE', 'DEPOSIT_PAID', 'DEPOSIT_RETURNED', 'REFUND', 'SALE', 'MOVED_OUT', 'MOVED_IN'));
alter table entry add column twin_id uuid unique;
alter table entry add foreign key (garage_id, twin_id) references entry (garage_id, id) deferrable initially deferred;
alter table entry add constraint entry_twin check ((kind in ('MOVED_OUT', 'MOVED_IN')) = (twin_id is not null));
comment on column entry.twin_id is 'The same on the other car: what the one gains the other loses';

-- Looked at as it is at the end of the transaction: both are drafted and booked in one.
create function check_twin() returns trigger language plpgsql as $$
begin
  if exists (
      select from entry e where e.garage_id = new.garage_id and e.id = new.id and e.twin_id is not null and not exists (
        select from entry t where t.garage_id = e.garage_id and t.id = e.twin_id and t.twin_id = e.id
          and t.project_id <> e.project_id and t.base_minor = -e.base_minor and t.state = e.state)) then
    raise exception 'entry.twin' using errcode = 'OF003';
  end if;
  return null;
end $$;
create constraint trigger check_twin after insert or update on entry deferrable initially deferred for each row execute function check_twin();
