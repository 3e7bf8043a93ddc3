-- Takes back all rows of one write, the last first. What went with another row when that was removed was written down after it, but has to
-- come back after it too: what cannot be put back yet waits until the rest is. Answers what cannot be put back at all; nothing if all is.
create function restore_write(of_garage uuid, of_write uuid) returns text language plpgsql as $$
declare
  pending bigint[] := array(select id from history where garage_id = of_garage and write_id = of_write and undo_of is null order by id desc);
  waiting bigint[];
  change history;
begin
  while cardinality(pending) > 0 loop
    waiting := '{}';
    for change in select h.* from unnest(pending) with ordinality p(id, turn) join history h on h.id = p.id order by p.turn loop
      begin
        if not restore_row(to_regclass(change.entity), change.before, change.after) then
          return change.entity;
        end if;
      exception when integrity_constraint_violation then
        waiting := waiting || change.id;
      end;
    end loop;
    if cardinality(waiting) = cardinality(pending) then
      return (select entity from history where id = waiting[1]);
    end if;
    pending := waiting;
  end loop;
  return null;
end $$;
