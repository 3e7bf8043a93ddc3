-- A tool that stays in the workshop is borne by no car: an entry takes it off the car that paid for it, and the tools of the workshop are the sum of these.
alter table entry drop constraint entry_kind_check;
alter table entry add constraint entry_kind_check check (kind in (
  'PURCHASE', 'FEE', 'TRANSPORT', 'DUTY', 'TAX', 'SERVICE', 'DEPOSIT_PAID', 'DEPOSIT_RETURNED', 'REFUND', 'SALE', 'MOVED_OUT', 'MOVED_IN', 'TO_WORKSHOP'));
alter table entry add constraint entry_to_workshop check (kind <> 'TO_WORKSHOP' or (base_minor < 0) <> (reverses_id is not null));
