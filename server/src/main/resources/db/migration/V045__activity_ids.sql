-- What is planned, and what a session was begun for, is named as it is called.
create function renamed_activity(was text) returns text language sql immutable as
  $$ select regexp_replace(regexp_replace(was, '^sendout:', 'sent-out:'), '^way:', 'access:') $$;

alter table schedule_pin disable trigger history;
update schedule_pin set activity = renamed_activity(activity);
alter table schedule_pin enable trigger history;
update schedule_followed set activity = renamed_activity(activity);
update work_session_begun set on_what = array(select renamed_activity(what) from unnest(on_what) with ordinality w (what, n) order by n);
update history
  set before = case when before ? 'activity' then jsonb_set(before, '{activity}', to_jsonb(renamed_activity(before ->> 'activity'))) else before end,
      after  = case when after  ? 'activity' then jsonb_set(after,  '{activity}', to_jsonb(renamed_activity(after  ->> 'activity'))) else after  end
  where entity = 'schedule_pin';

drop function renamed_activity(text);
comment on column work_session_begun.on_what is 'What it is for, in order: job: and its id, or access: and what is opened or closed';
