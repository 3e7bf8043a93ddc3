-- What a vehicle that is for sale is judged by. Shares are in hundredths of a percent, amounts in minor units of the garage's currency.
create table buying (
  id                uuid primary key,
  garage_id         uuid not null,
  asked_minor       bigint check (asked_minor >= 0),
  asked_less        int not null check (asked_less between 0 and 10000),
  title             text not null check (title in ('CLEAN', 'REBUILT', 'SALVAGE', 'NO_PAPERS')),
  title_low         int not null check (title_low between 0 and 10000),
  title_high        int not null check (title_high between title_low and 10000),
  own_hour_minor    bigint not null check (own_hour_minor >= 0),
  allowance_minor   bigint not null check (allowance_minor >= 0),
  margin_minor      bigint not null check (margin_minor >= 0),
  fee_share         int not null check (fee_share between 0 and 10000),
  fee_minor         bigint not null check (fee_minor >= 0),
  freight_minor     bigint not null check (freight_minor >= 0),
  insurance_minor   bigint not null check (insurance_minor >= 0),
  duty_share        int not null check (duty_share between 0 and 10000),
  tax_share         int not null check (tax_share between 0 and 10000),
  inland_minor      bigint not null check (inland_minor >= 0),
  registration_minor bigint not null check (registration_minor >= 0),
  rarity            text not null default '' check (length(rarity) <= 4000),
  version           bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, id) references project (garage_id, id)
);
comment on column buying.id is 'The id of the project';
comment on column buying.asked_less is 'By how much an asked price is taken lower than a paid one';
create trigger history after insert or update or delete on buying for each row execute function record_history();

create table comparable (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  title      text not null check (btrim(title) <> '' and length(title) <= 120),
  minor      bigint not null check (minor > 0),
  sold       boolean not null,
  seen_on    date not null,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create index comparable_project on comparable (garage_id, project_id);
create trigger history after insert or update or delete on comparable for each row execute function record_history();

-- How it ended: bought at a price, or left, with what was known then. Above the ceiling only with a purpose and its reason.
create table buying_outcome (
  id            uuid primary key,
  garage_id     uuid not null,
  outcome       text not null check (outcome in ('BOUGHT', 'LEFT')),
  price_minor   bigint check (price_minor >= 0),
  ceiling_minor bigint not null check (ceiling_minor >= 0),
  decided_on    date not null,
  purpose       text check (purpose in ('WILL_NOT_COME_AGAIN', 'SENTIMENT', 'LEARNING', 'TO_SHOW_OTHERS', 'KEEP_FOR_LIFE')),
  reason        text not null default '' check (length(reason) <= 4000),
  unique (garage_id, id),
  foreign key (garage_id, id) references project (garage_id, id),
  check ((outcome = 'BOUGHT') = (price_minor is not null)),
  check (price_minor is null or price_minor <= ceiling_minor or (purpose is not null and btrim(reason) <> ''))
);
comment on column buying_outcome.id is 'The id of the project';
create trigger history after insert or update or delete on buying_outcome for each row execute function record_history();
