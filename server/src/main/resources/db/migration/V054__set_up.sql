-- What a person needs in each session before the first step and after the last; who has no row needs the usual 20 minutes.
create table calendar_set_up (
  id         uuid primary key,
  garage_id  uuid not null,
  account_id uuid not null,
  minutes    int not null check (minutes between 0 and 120),
  unique (garage_id, account_id),
  foreign key (garage_id, account_id) references member (garage_id, account_id) on delete cascade
);
create trigger history after insert or update or delete on calendar_set_up for each row execute function record_history();
