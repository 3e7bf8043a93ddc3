-- What a person added to measure stays while a reading, a figure or a finding speaks of it, also when its entry is taken back.
create function own_measurand_is_used() returns trigger language plpgsql as $$
begin
  if exists (select from reading r where r.garage_id = old.garage_id and r.project_id = old.project_id and r.limit_id = 'own-' || old.id)
     or exists (select from finding f where f.garage_id = old.garage_id and f.project_id = old.project_id and f.limit_id = 'own-' || old.id)
     or exists (select from maker_figure m where m.garage_id = old.garage_id and m.project_id = old.project_id and m.limit_id = 'own-' || old.id) then
    raise foreign_key_violation using message = 'own measurand ' || old.id || ' is still used', constraint = 'own_measurand_used', table = 'own_measurand';
  end if;
  return old;
end $$;
create trigger used before delete on own_measurand for each row execute function own_measurand_is_used();
