-- A finding looked at again on a later visit: before and after beside each other.
create table second_look (
  id         uuid primary key,
  garage_id  uuid not null,
  finding_id uuid not null,
  looked_on  date not null,
  compared   text not null check (compared in ('SAME', 'WORSE', 'BETTER', 'GONE')),
  note       text not null default '' check (length(note) <= 4000),
  unique (garage_id, id),
  foreign key (garage_id, finding_id) references finding (garage_id, id)
);
create index second_look_finding on second_look (garage_id, finding_id, looked_on);
create trigger history after insert or update or delete on second_look for each row execute function record_history();

alter table attachment_link
  add column look_id uuid,
  add foreign key (garage_id, look_id) references second_look (garage_id, id);
alter table attachment_link drop constraint attachment_link_check;
alter table attachment_link
  add constraint attachment_link_check check (num_nonnulls(vehicle_id, finding_id, job_id, need_id, order_id, evening_id, entry_id, look_id) = 1);
create index attachment_link_look on attachment_link (garage_id, look_id) where look_id is not null;
