-- What somebody made sure of before a way in was opened, and when; where a vehicle with a weak structure stands while a job is done.
alter table opening add column opened_at timestamptz, add column confirmed text[] not null default '{}';
alter table interlock_confirmed add column support_points text not null default '' check (length(support_points) <= 120);
