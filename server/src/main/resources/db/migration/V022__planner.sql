-- A day off, or a day with other times than the week's.
create table calendar_exception (
  id          uuid primary key,
  garage_id   uuid not null,
  account_id  uuid not null,
  day         date not null,
  from_minute int check (from_minute >= 0 and from_minute % 15 = 0),
  to_minute   int check (to_minute <= 1440 and to_minute % 15 = 0),
  note        text not null default '' check (length(note) <= 4000),
  unique (garage_id, account_id, day),
  check ((from_minute is null) = (to_minute is null)),
  check (from_minute < to_minute),
  foreign key (garage_id, account_id) references member (garage_id, account_id)
);
comment on column calendar_exception.from_minute is 'Empty for a day off';
create trigger history after insert or update or delete on calendar_exception for each row execute function record_history();

-- A fixed time somewhere: an inspection, the alignment bench.
create table appointment (
  id             uuid primary key,
  garage_id      uuid not null,
  project_id     uuid not null,
  title          text not null check (btrim(title) <> '' and length(title) <= 120),
  starts_at      timestamptz not null,
  minutes        int not null check (minutes between 15 and 14400),
  needs_rolling  boolean not null,
  aim            text not null check (aim in ('RUNNER', 'ROAD_READY', 'DRIVER', 'SHOW')),
  after_job      uuid,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, after_job) references job (garage_id, id)
);
comment on column appointment.after_job is 'The job that has to be done by then';
create index appointment_project on appointment (garage_id, project_id);
create index appointment_after_job on appointment (garage_id, after_job) where after_job is not null;
create trigger history after insert or update or delete on appointment for each row execute function record_history();

-- Work that somebody else does elsewhere: pieces go out counted and come back counted.
create table send_out (
  id          uuid primary key,
  garage_id   uuid not null,
  project_id  uuid not null,
  title       text not null check (btrim(title) <> '' and length(title) <= 120),
  pieces      int not null check (pieces between 1 and 9999),
  away_days   int not null check (away_days between 0 and 730),
  car_goes    boolean not null,
  aim         text not null check (aim in ('RUNNER', 'ROAD_READY', 'DRIVER', 'SHOW')),
  before_job  uuid,
  after_job   uuid,
  mask        text[] not null default '{}',
  carrier     text not null default '' check (length(carrier) <= 120),
  state       text not null default 'TO_SEND' check (state in ('TO_SEND', 'AWAY', 'BACK', 'REFUSED')),
  sent_on     date,
  expected_on date,
  back_on     date,
  pieces_back int check (pieces_back between 0 and 9999),
  note        text not null default '' check (length(note) <= 4000),
  version     bigint not null default 1,
  unique (garage_id, id),
  check (state <> 'AWAY' or (sent_on is not null and expected_on is not null)),
  check (state <> 'BACK' or (back_on is not null and pieces_back is not null)),
  check (sent_on <= back_on),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, before_job) references job (garage_id, id),
  foreign key (garage_id, after_job) references job (garage_id, id)
);
comment on column send_out.before_job is 'The job that has to be done before it can go';
comment on column send_out.after_job is 'The job that waits until it is back';
create index send_out_project on send_out (garage_id, project_id);
create index send_out_before_job on send_out (garage_id, before_job) where before_job is not null;
create index send_out_after_job on send_out (garage_id, after_job) where after_job is not null;
create trigger history after insert or update or delete on send_out for each row execute function record_history();

-- Who could do it: what it costs with the way there and back, or why he would not.
create table send_out_offer (
  id          uuid primary key,
  garage_id   uuid not null,
  send_out_id uuid not null,
  carrier     text not null check (btrim(carrier) <> '' and length(carrier) <= 120),
  price_minor bigint not null check (price_minor >= 0),
  km          int not null check (km between 0 and 20000),
  minutes     int not null check (minutes between 0 and 14400),
  days        int not null check (days between 0 and 730),
  seen        boolean not null,
  refused     text not null default '' check (length(refused) <= 120),
  unique (garage_id, id),
  foreign key (garage_id, send_out_id) references send_out (garage_id, id)
);
comment on column send_out_offer.seen is 'They looked at the pieces before they named the price';
create index send_out_offer_send_out on send_out_offer (garage_id, send_out_id);
create trigger history after insert or update or delete on send_out_offer for each row execute function record_history();

-- What a person moved by hand: not before that day.
create table plan_pin (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  activity   text not null check (activity ~ '^[a-z]+:[0-9a-f-]{36}$'),
  not_before date not null,
  unique (garage_id, id),
  unique (garage_id, activity),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index plan_pin_project on plan_pin (garage_id, project_id);
create trigger history after insert or update or delete on plan_pin for each row execute function record_history();

-- The plan that is followed, as it was when somebody said so: a row an activity, in the order in which it was made.
create table plan_followed (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  position   int not null,
  activity   text not null,
  starts_at  timestamptz not null,
  ends_at    timestamptz not null,
  people     text[] not null,
  stays      text[] not null,
  followed_at timestamptz not null,
  unique (garage_id, project_id, position),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
comment on column plan_followed.stays is 'Beginnings and ends in turn, ISO 8601';

-- Two rates by which ways are compared.
create table travel_rate (
  id         uuid primary key,
  garage_id  uuid not null references garage (id),
  km_minor   int not null check (km_minor between 0 and 100000),
  hour_minor int not null check (hour_minor between 0 and 1000000),
  unique (garage_id)
);
comment on column travel_rate.hour_minor is 'What an hour on the road is worth to those who drive';
create trigger history after insert or update or delete on travel_rate for each row execute function record_history();
