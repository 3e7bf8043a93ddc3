-- Who finished a job, and when: what must not be driven with is verified by somebody else, or later. And parts that a job can do without.
alter table job add column finished_by uuid references account (id), add column finished_on date;
create index job_finished_by on job (finished_by) where finished_by is not null;
alter table need add column essential boolean not null default true;
comment on column need.essential is 'The job cannot begin without it';
-- Which work asks for which condition stands in the core's data; here only that it is one.
alter table interlock_confirmed drop constraint interlock_confirmed_interlock_check;
alter table interlock_confirmed add constraint interlock_confirmed_interlock_check check (interlock ~ '^[A-Z_]{3,40}$');
-- Where the vehicle stood when it was raised, where its usual points may not bear.
alter table opening add column support_points text not null default '' check (length(support_points) <= 120);
