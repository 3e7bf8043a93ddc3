-- What is owed to a car may be a repair for the time being, a thing on loan, or something left off by choice.
alter table debt add column kind text not null default 'FOR_NOW' check (kind in ('FOR_NOW', 'LOAN', 'LEFT_OFF'));
