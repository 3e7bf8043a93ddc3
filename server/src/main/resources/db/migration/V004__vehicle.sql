create table vehicle (
  id          uuid primary key,
  garage_id   uuid not null references garage (id),
  name        text not null check (btrim(name) <> '' and length(name) <= 120),
  body_style  text not null check (body_style in ('ESTATE', 'SALOON', 'HATCHBACK', 'VAN', 'MOTORCYCLE')),
  built_year  int not null check (built_year between 1885 and 2100),
  drive       text not null check (drive in ('REAR', 'FRONT', 'ALL')),
  driver_side text not null check (driver_side in ('LEFT', 'RIGHT', 'NONE')),
  identity    text not null default '' check (length(identity) <= 120),
  note        text not null default '' check (length(note) <= 4000),
  version     bigint not null default 0,
  unique (garage_id, id)
);
comment on column vehicle.identity is 'Chassis or frame number of any age: free text, never refused';
create trigger history after insert or update or delete on vehicle for each row execute function record_history();

create table project (
  id            uuid primary key,
  garage_id     uuid not null references garage (id),
  vehicle_id    uuid not null unique,
  aim           text not null check (aim in ('RUNNER', 'ROAD_READY', 'DRIVER', 'SHOW')),
  state         text not null check (state in ('LOOKING', 'ACTIVE', 'RESTING', 'FINISHED', 'SOLD', 'SCRAPPED')),
  budget_minor  bigint not null check (budget_minor >= 0),
  monthly_minor bigint not null check (monthly_minor >= 0),
  target_on     date,
  begun_on      date not null,
  version       bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, vehicle_id) references vehicle (garage_id, id)
);
create index project_garage on project (garage_id);
create trigger history after insert or update or delete on project for each row execute function record_history();

create table finding (
  id              uuid primary key,
  garage_id       uuid not null,
  project_id      uuid not null,
  zone            text not null check (zone ~ '^[a-z0-9-]+$'),
  system          text not null,
  kind            text not null,
  severity        int not null check (severity between 1 and 4),
  safety_class    text not null check (safety_class in ('A', 'B', 'C', 'D')),
  how_seen        text not null check (how_seen in ('PHOTO', 'WALKED_ROUND', 'ON_STANDS', 'OPENED')),
  covered         boolean not null default false,
  aim             text not null check (aim in ('RUNNER', 'ROAD_READY', 'DRIVER', 'SHOW')),
  proposed        text[] not null default '{}' check (proposed <@ array ['severity', 'safetyClass', 'howSeen', 'aim']),
  note            text not null default '' check (length(note) <= 4000),
  found_on        date not null,
  state           text not null check (state in ('OPEN', 'DECIDED', 'IN_WORK', 'AWAITING_RECHECK', 'CLOSED', 'WITHDRAWN')),
  decision        text check (decision in ('INVESTIGATE', 'REPAIR', 'REPLACE', 'REUSE', 'TEMPORARY', 'DEFER', 'ACCEPT')),
  decision_reason text check (length(decision_reason) between 1 and 120),
  closing_note    text not null default '' check (length(closing_note) <= 4000),
  version         bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  check ((decision is null) = (decision_reason is null)),
  check (state not in ('DECIDED', 'IN_WORK', 'AWAITING_RECHECK') or decision is not null),
  -- safety is not talked away, whatever program writes here
  check (decision is null or decision not in ('TEMPORARY', 'ACCEPT') or system not in ('BRAKES', 'STEERING_AND_SUSPENSION', 'RESTRAINT', 'FUEL')),
  check (decision is null or decision not in ('ACCEPT', 'REUSE') or safety_class not in ('A', 'B'))
);
comment on column finding.proposed is 'Fields that still stand as they were proposed: nobody has confirmed them';
create index finding_project on finding (garage_id, project_id);
create trigger history after insert or update or delete on finding for each row execute function record_history();
