-- A note to tomorrow's self stays until it is ticked off. Until now only the latest was ever shown: older ones count as done.
alter table evening add column note_done_at timestamptz;
comment on column evening.note_done_at is 'When the person ticked the note off; null while it stands, and where there is none';
update evening e set note_done_at = now()
where btrim(note_to_self) <> '' and exists (
  select from evening later
  where later.garage_id = e.garage_id and later.project_id = e.project_id and later.account_id = e.account_id
    and btrim(later.note_to_self) <> '' and (later.worked_on, later.id) > (e.worked_on, e.id));
