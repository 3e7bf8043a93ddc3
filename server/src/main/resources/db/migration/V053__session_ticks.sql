-- Steps of an evening that goes on which are ticked off, and when.
create table work_session_tick (
  id         uuid primary key,
  garage_id  uuid not null,
  account_id uuid not null,
  on_what    text not null,
  ticked_at  timestamptz not null,
  unique (garage_id, account_id, on_what),
  foreign key (garage_id, account_id) references work_session_begun (garage_id, account_id) on delete cascade
);
comment on column work_session_tick.on_what is 'As in work_session_begun';
