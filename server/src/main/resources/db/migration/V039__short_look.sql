-- Why a place was not seen: without current, or because the owner would not have it.
alter table check_answer drop constraint check_answer_seen_check;
alter table check_answer add constraint check_answer_seen_check check
  (seen in ('GOOD', 'DOUBTFUL', 'BAD', 'MISSING', 'COVERED', 'NOT_OPENED', 'NO_REACH', 'NO_CURRENT', 'NOT_ALLOWED'));
-- A buyer whom a stop finding turned to its parts: what they fetch or save.
alter table buying add column donor_minor bigint check (donor_minor >= 0);
comment on column buying.donor_minor is 'What its parts alone fetch or save; null while nobody reckoned them';
