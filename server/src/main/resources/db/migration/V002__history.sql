-- Every write carries an id made by the client. Its answer is kept, so that a repeat gets the same answer and changes nothing.
create table write_receipt (
  garage_id    uuid not null references garage (id),
  write_id     uuid not null,
  account_id   uuid not null references account (id),
  request      text not null,
  body_hash    bytea not null,
  at           timestamptz not null default now(),
  status       int,
  content_type text,
  answer       bytea,
  primary key (garage_id, write_id)
);
create index write_receipt_account on write_receipt (account_id);

-- Who changed what, when: written by triggers, so that no change escapes. The base of undo and of the dossier.
create table history (
  id         bigint generated always as identity primary key,
  garage_id  uuid not null references garage (id),
  at         timestamptz not null default now(),
  account_id uuid references account (id),
  write_id   uuid,
  undo_of    uuid,
  entity     text not null,
  row_id     uuid,
  before     jsonb,
  after      jsonb,
  check (before is not null or after is not null)
);
create index history_garage on history (garage_id, id);
create index history_write on history (write_id);
create index history_row on history (row_id);
create index history_undo_of on history (undo_of) where undo_of is not null;
create index history_account on history (account_id);

create function record_history() returns trigger language plpgsql as $$
declare
  old_row jsonb := case when tg_op <> 'INSERT' then to_jsonb(old) end;
  new_row jsonb := case when tg_op <> 'DELETE' then to_jsonb(new) end;
  any_row jsonb := coalesce(new_row, old_row);
begin
  if old_row is distinct from new_row then
    insert into history (garage_id, account_id, write_id, undo_of, entity, row_id, before, after)
    values ((any_row ->> 'garage_id')::uuid,
            nullif(current_setting('ofisino.account_id', true), '')::uuid,
            nullif(current_setting('ofisino.write_id', true), '')::uuid,
            nullif(current_setting('ofisino.undo_of', true), '')::uuid,
            tg_table_name, (any_row ->> 'id')::uuid, old_row, new_row);
  end if;
  return null;
end $$;

-- Puts one row back as it was before a change, if it is still as the change left it (but for its version, which undoing has raised
-- where later changes were taken back first). Answers whether it was.
create function restore_row(entity regclass, old_row jsonb, new_row jsonb) returns boolean language plpgsql as $$
declare
  row_now jsonb;
  columns text;
begin
  execute format('select to_jsonb(t) from %s t where id = $1 for update', entity) into row_now using (coalesce(new_row, old_row) ->> 'id')::uuid;
  if (row_now - 'version') is distinct from (new_row - 'version') then
    return false;
  end if;
  if old_row is null then
    execute format('delete from %s where id = $1', entity) using (new_row ->> 'id')::uuid;
  elsif new_row is null then
    execute format('insert into %s select * from jsonb_populate_record(null::%s, $1)', entity, entity) using old_row;
  else
    if row_now ? 'version' then
      old_row := old_row || jsonb_build_object('version', (row_now ->> 'version')::bigint + 1);
    end if;
    select string_agg(quote_ident(attname), ', ' order by attnum) into columns
      from pg_attribute where attrelid = entity and attnum > 0 and not attisdropped;
    execute format('update %s set (%s) = (select %s from jsonb_populate_record(null::%s, $1)) where id = $2', entity, columns, columns, entity)
      using old_row, (new_row ->> 'id')::uuid;
  end if;
  return true;
end $$;
