-- One thing, one name: the tables and columns of before are called as the product calls them now. History is rewritten with them.
select rename_table(was, becomes) from (values
  ('evening', 'work_session'), ('evening_job', 'work_session_job'), ('evening_way_in', 'work_session_way_in'), ('evening_begun', 'work_session_begun'),
  ('sequence_waiver', 'order_of_work_waiver'), ('debt', 'outstanding_item'),
  ('send_out', 'sent_out'), ('send_out_offer', 'sent_out_offer'),
  ('passage', 'clearance_passage'), ('envelope', 'clearance_envelope'), ('envelope_change', 'clearance_change'),
  ('reference_point', 'structure_point'), ('reference_reading', 'structure_reading'),
  ('plan_pin', 'schedule_pin'), ('plan_followed', 'schedule_followed')) names (was, becomes);

select rename_column(in_table, was, becomes) from (values
  ('work_session_job', 'evening_id', 'work_session_id'), ('work_session_way_in', 'evening_id', 'work_session_id'),
  ('attachment_link', 'evening_id', 'work_session_id'), ('attachment_link', 'look_id', 'second_look_id'),
  ('sent_out_offer', 'send_out_id', 'sent_out_id')) names (in_table, was, becomes);

alter index evening_project rename to work_session_project;
alter index evening_member rename to work_session_member;
alter index evening_job_evening rename to work_session_job_work_session;
alter index evening_job_job rename to work_session_job_job;
alter index attachment_link_evening rename to attachment_link_work_session;
alter index attachment_link_look rename to attachment_link_second_look;
alter index reference_point_project rename to structure_point_project;
alter index reference_reading_point rename to structure_reading_point;
alter index sequence_waiver_before rename to order_of_work_waiver_before;
alter index sequence_waiver_after rename to order_of_work_waiver_after;
alter index debt_project rename to outstanding_item_project;
alter index debt_need rename to outstanding_item_need;
alter index debt_job rename to outstanding_item_job;
alter index send_out_project rename to sent_out_project;
alter index send_out_before_job rename to sent_out_before_job;
alter index send_out_after_job rename to sent_out_after_job;
alter index send_out_offer_send_out rename to sent_out_offer_sent_out;
alter index plan_pin_project rename to schedule_pin_project;
alter index evening_begun_project rename to work_session_begun_project;
