-- A part that is held back until something is known: the day by which the answer is promised. The plan goes from it.
alter table need add column answer_by date;
alter table need add check (answer_by is null or state = 'HELD');
