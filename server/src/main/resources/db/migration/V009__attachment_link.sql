-- What a photo or receipt belongs to: exactly one thing a row, any number of rows an attachment.
create table attachment_link (
  id            uuid primary key,
  garage_id     uuid not null,
  attachment_id uuid not null,
  vehicle_id    uuid,
  finding_id    uuid,
  job_id        uuid,
  need_id       uuid,
  order_id      uuid,
  evening_id    uuid,
  entry_id      uuid,
  check (num_nonnulls(vehicle_id, finding_id, job_id, need_id, order_id, evening_id, entry_id) = 1),
  foreign key (garage_id, attachment_id) references attachment (garage_id, id),
  foreign key (garage_id, vehicle_id) references vehicle (garage_id, id),
  foreign key (garage_id, finding_id) references finding (garage_id, id),
  foreign key (garage_id, job_id) references job (garage_id, id),
  foreign key (garage_id, need_id) references need (garage_id, id),
  foreign key (garage_id, order_id) references purchase_order (garage_id, id),
  foreign key (garage_id, evening_id) references evening (garage_id, id),
  foreign key (garage_id, entry_id) references entry (garage_id, id)
);
create index attachment_link_attachment on attachment_link (garage_id, attachment_id);
create index attachment_link_vehicle on attachment_link (garage_id, vehicle_id) where vehicle_id is not null;
create index attachment_link_finding on attachment_link (garage_id, finding_id) where finding_id is not null;
create index attachment_link_job on attachment_link (garage_id, job_id) where job_id is not null;
create index attachment_link_need on attachment_link (garage_id, need_id) where need_id is not null;
create index attachment_link_order on attachment_link (garage_id, order_id) where order_id is not null;
create index attachment_link_evening on attachment_link (garage_id, evening_id) where evening_id is not null;
create index attachment_link_entry on attachment_link (garage_id, entry_id) where entry_id is not null;
create trigger history after insert or update or delete on attachment_link for each row execute function record_history();
