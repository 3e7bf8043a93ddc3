-- A part that is not needed after all is neither bought nor waited for; its line stays.
alter table need drop constraint need_state_check;
alter table need add constraint need_state_check
  check (state in ('NEEDED', 'HELD', 'SOURCED', 'ORDERED', 'RECEIVED', 'ACCEPTED', 'FITTED', 'VERIFIED', 'RETURNED', 'LEFT_OUT'));
alter table need add constraint need_left_out_says_why check (state <> 'LEFT_OUT' or state_reason <> '');
