-- Seen in passing, on a buyer's short look: it settles a bid and no check. What was answered on such a look before stays as it was said.
alter table check_answer drop constraint check_answer_how_seen_check;
alter table check_answer add constraint check_answer_how_seen_check check (how_seen in ('PHOTO', 'GLANCED', 'WALKED_ROUND', 'ON_STANDS', 'OPENED'));
alter table finding drop constraint finding_how_seen_check;
alter table finding add constraint finding_how_seen_check check (how_seen in ('PHOTO', 'GLANCED', 'WALKED_ROUND', 'ON_STANDS', 'OPENED'));
