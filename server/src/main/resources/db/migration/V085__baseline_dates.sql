-- The baseline keeps the dates of its day, too: so it can be said how far behind it one is.
alter table baseline_job add planned_for date;
comment on column baseline_job.planned_for is 'The day on which it was to be finished; absent where it had no date, and in baselines kept before there were any';
