-- What came is photographed beside what was wanted; the photo stays with the delivery, also when the thing goes back.
alter table order_line add unique (garage_id, id);
alter table attachment_link
  add column order_line_id uuid,
  add foreign key (garage_id, order_line_id) references order_line (garage_id, id) on delete cascade;
alter table attachment_link drop constraint attachment_link_check;
alter table attachment_link
  add constraint attachment_link_check
  check (num_nonnulls(vehicle_id, finding_id, job_id, need_id, order_id, work_session_id, entry_id, second_look_id, stock_id, order_line_id) = 1);
create index attachment_link_order_line on attachment_link (garage_id, order_line_id);
