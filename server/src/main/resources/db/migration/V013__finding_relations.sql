-- The check at which a finding was made; a finding found behind another, a duplicate withdrawn into the one that stays, work of an owner before.
alter table finding
  add column check_id      text check (check_id ~ '^[a-z0-9-]+$'),
  add column behind_id     uuid,
  add column duplicate_of  uuid,
  add column previous_work text check (previous_work in ('REMOVE', 'KEEP', 'RESTORE')),
  add foreign key (garage_id, behind_id) references finding (garage_id, id),
  add foreign key (garage_id, duplicate_of) references finding (garage_id, id),
  add check (behind_id <> id and duplicate_of <> id),
  add check (duplicate_of is null or state = 'WITHDRAWN');
create index finding_behind on finding (garage_id, behind_id) where behind_id is not null;
create index finding_duplicate on finding (garage_id, duplicate_of) where duplicate_of is not null;

-- What the project does with doubtful parts.
alter table project
  add column doubtful_parts text not null default 'REPLACE' check (doubtful_parts in ('REPLACE', 'REUSE_WHAT_MEASURES'));

-- History written before a column was added does not know it: such a column keeps its value when the change is taken back.
create or replace function restore_row(entity regclass, old_row jsonb, new_row jsonb) returns boolean language plpgsql as $$
declare
  row_now jsonb;
  known jsonb;
  columns text;
begin
  execute format('select to_jsonb(t) from %s t where id = $1 for update', entity) into row_now using (coalesce(new_row, old_row) ->> 'id')::uuid;
  if row_now is not null and new_row is not null then
    select jsonb_object_agg(key, row_now -> key) into known from jsonb_object_keys(new_row) key;
  else
    known := row_now;
  end if;
  if (known - 'version') is distinct from (new_row - 'version') then
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
