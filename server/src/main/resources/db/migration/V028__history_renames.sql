-- History names tables and columns, and undo finds them by these names. So a migration never renames by itself: it calls these, and what
-- was done before can still be taken back.
create function rename_table(was text, becomes text) returns void language plpgsql as $$
begin
  execute format('alter table %I rename to %I', was, becomes);
  update history set entity = becomes where entity = was;
end $$;

create function rename_column(in_table text, was text, becomes text) returns void language plpgsql as $$
begin
  execute format('alter table %I rename column %I to %I', in_table, was, becomes);
  update history
    set before = case when before ? was then before - was || jsonb_build_object(becomes, before -> was) else before end,
        after  = case when after  ? was then after  - was || jsonb_build_object(becomes, after  -> was) else after  end
    where entity = in_table and (before ? was or after ? was);
end $$;

-- As before, and: a column that is gone since no longer keeps a change from being taken back; of a table that is gone nothing can be.
create or replace function restore_row(entity regclass, old_row jsonb, new_row jsonb) returns boolean language plpgsql as $$
declare
  row_now jsonb;
  known jsonb;
  left_then jsonb;
  columns text;
begin
  if entity is null then
    return false;
  end if;
  execute format('select to_jsonb(t) from %s t where id = $1 for update', entity) into row_now using (coalesce(new_row, old_row) ->> 'id')::uuid;
  if row_now is not null and new_row is not null then
    select jsonb_object_agg(key, row_now -> key), jsonb_object_agg(key, new_row -> key) into known, left_then
      from jsonb_object_keys(new_row) key where row_now ? key;
  else
    known := row_now;
    left_then := new_row;
  end if;
  if (known - 'version') is distinct from (left_then - 'version') then
    return false;
  end if;
  if old_row is null then
    execute format('delete from %s where id = $1', entity) using (new_row ->> 'id')::uuid;
    return true;
  end if;
  select string_agg(quote_ident(attname), ', ' order by attnum) into columns
    from pg_attribute where attrelid = entity and attnum > 0 and not attisdropped and old_row ? attname;
  if new_row is null then
    execute format('insert into %s (%s) select %s from jsonb_populate_record(null::%s, $1)', entity, columns, columns, entity) using old_row;
  else
    if row_now ? 'version' then
      old_row := old_row || jsonb_build_object('version', (row_now ->> 'version')::bigint + 1);
    end if;
    execute format('update %s set (%s) = (select %s from jsonb_populate_record(null::%s, $1)) where id = $2', entity, columns, columns, entity)
      using old_row, (new_row ->> 'id')::uuid;
  end if;
  return true;
end $$;
