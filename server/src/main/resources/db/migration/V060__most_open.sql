-- How many pieces of work may be open at once where the car is kept rolling; one until now.
alter table plan_policy add most_open int not null default 1 check (most_open between 1 and 9);
