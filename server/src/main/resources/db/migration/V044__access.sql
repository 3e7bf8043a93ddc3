-- What has to be out of the way is an access; what is taken apart once for several jobs is a strip-down.
select rename_table(was, becomes) from (values
  ('job_way_in', 'job_access'), ('own_way_in', 'own_access'), ('work_session_way_in', 'work_session_access'), ('opening', 'strip_down')) names (was, becomes);

select rename_column(in_table, was, becomes) from (values
  ('job_access', 'way_in', 'access'), ('job_access', 'stay', 'strip_down'), ('own_access', 'way_in', 'access'),
  ('work_session_access', 'way_in', 'access'), ('strip_down', 'way_in', 'access'), ('schedule_followed', 'stays', 'stretches')) names (in_table, was, becomes);

alter index job_way_in_stay rename to job_access_strip_down;
alter index opening_project rename to strip_down_project;

alter table job drop constraint job_cause_check;
alter table job disable trigger history;
update job set cause = 'ACCESS_OPEN' where cause = 'WAY_IN_OPEN';
alter table job enable trigger history;
alter table job add constraint job_cause_check check (cause in ('FOUND', 'ACCESS_OPEN', 'TASTE', 'AIM', 'FORGOTTEN'));
update history
  set before = case before ->> 'cause' when 'WAY_IN_OPEN' then before || '{"cause": "ACCESS_OPEN"}' else before end,
      after  = case after  ->> 'cause' when 'WAY_IN_OPEN' then after  || '{"cause": "ACCESS_OPEN"}' else after  end
  where entity = 'job' and 'WAY_IN_OPEN' in (before ->> 'cause', after ->> 'cause');
