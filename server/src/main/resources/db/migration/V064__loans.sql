-- What is borrowed from another vehicle of the garage is owed there until it is back.
alter table outstanding_item drop constraint if exists debt_kind_check, drop constraint if exists outstanding_item_kind_check;
alter table outstanding_item
  add constraint outstanding_item_kind_check check (kind in ('FOR_NOW', 'LOAN', 'LEFT_OFF', 'LENT')),
  add column lender_id uuid,
  add column loan_id   uuid,
  add foreign key (garage_id, lender_id) references project (garage_id, id),
  add foreign key (garage_id, loan_id) references outstanding_item (garage_id, id) on delete cascade,
  add check ((kind = 'LENT') = (loan_id is not null)),
  add check (lender_id is null or kind = 'LOAN');
create unique index outstanding_item_loan on outstanding_item (garage_id, loan_id) where loan_id is not null;
create index outstanding_item_lender on outstanding_item (garage_id, lender_id);
