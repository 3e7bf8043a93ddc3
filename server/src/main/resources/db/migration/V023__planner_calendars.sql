-- Where and how a job is worked, where that is not as usual: by one person, on as many evenings as it takes, anywhere, with nothing to dry.
create table job_condition (
  id          uuid primary key,
  garage_id   uuid not null,
  job_id      uuid not null,
  people      int not null check (people between 1 and 9),
  in_one_go   boolean not null,
  dry_minutes int not null check (dry_minutes between 0 and 86400),
  place_id    uuid,
  keeps_place boolean not null,
  outdoors    boolean not null,
  unique (garage_id, job_id),
  foreign key (garage_id, job_id) references job (garage_id, id),
  foreign key (garage_id, place_id) references place (garage_id, id)
);
comment on column job_condition.keeps_place is 'Its place is taken between evenings and while it dries';
create index job_condition_place on job_condition (garage_id, place_id) where place_id is not null;
create trigger history after insert or update or delete on job_condition for each row execute function record_history();

alter table job_link add column within_minutes int check (within_minutes between 0 and 86400);
comment on column job_link.within_minutes is 'So soon should the one begin after the other; empty for what the rules of the trade say';

-- How many jobs have room in a place at once, and on which days of the week it can be used: Monday is the lowest of seven bits.
alter table place add column room int not null default 1 check (room between 1 and 99);
alter table place add column usable_on int not null default 127 check (usable_on between 1 and 127);

alter table supplier add column open_on int not null default 127 check (open_on between 1 and 127);
alter table send_out add column open_on int not null default 127 check (open_on between 1 and 127);
comment on column send_out.open_on is 'Days of the week on which it can be handed over and fetched';

-- Which car has the evenings, places and purse first, and whether its plan reckons with the hours that its person really takes.
alter table project add column priority int not null default 0;
alter table project add column own_pace boolean not null default false;

alter table garage add column common_monthly_minor bigint check (common_monthly_minor >= 0);
comment on column garage.common_monthly_minor is 'One purse for all cars; empty where each has its own';

-- An evening that goes on: somebody is in the garage.
create table evening_begun (
  id         uuid primary key,
  garage_id  uuid not null,
  account_id uuid not null,
  project_id uuid not null,
  begun_at   timestamptz not null,
  on_what    text[] not null,
  unique (garage_id, account_id),
  foreign key (garage_id, account_id) references member (garage_id, account_id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
comment on column evening_begun.on_what is 'What it is for, in order: job: and its id, or way: and the way in that is opened or closed';
create index evening_begun_project on evening_begun (garage_id, project_id);

-- Time on an evening that went into opening a way in or closing it again.
create table evening_way_in (
  id         uuid primary key,
  garage_id  uuid not null,
  evening_id uuid not null,
  way_in     text not null check (way_in ~ '^[a-z0-9-]+$'),
  minutes    int not null check (minutes between 1 and 1440),
  unique (garage_id, evening_id, way_in),
  foreign key (garage_id, evening_id) references evening (garage_id, id)
);
create trigger history after insert or update or delete on evening_way_in for each row execute function record_history();

-- Why nothing was done for a while after an evening.
create table standstill (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  since      date not null,
  cause      text not null check (cause in ('PART_MISSING', 'SOMEBODY_ELSE', 'MONEY', 'ILLNESS', 'WEATHER', 'NO_ROOM', 'OTHER_PROJECT', 'HOUSE_AND_FAMILY', 'NO_WISH', 'OTHER')),
  note       text not null default '' check (length(note) <= 4000),
  unique (garage_id, project_id, since),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
comment on column standstill.since is 'The day of the last evening before it';
create trigger history after insert or update or delete on standstill for each row execute function record_history();

-- What is done instead if a risky job fails; what it costs is held until the job is over.
create table fallback (
  id         uuid primary key,
  garage_id  uuid not null,
  job_id     uuid not null,
  what       text not null check (btrim(what) <> '' and length(what) <= 120),
  lead_days  int not null check (lead_days between 0 and 730),
  cost_minor bigint not null check (cost_minor >= 0),
  unique (garage_id, job_id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
create trigger history after insert or update or delete on fallback for each row execute function record_history();
