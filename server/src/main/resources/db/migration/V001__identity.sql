-- Garages, the people in them and how they sign in. Every later table carries garage_id.
create table garage (
  id            uuid primary key,
  name          text not null check (btrim(name) <> '' and length(name) <= 120),
  base_currency char(3) not null check (base_currency ~ '^[A-Z]{3}$'),
  zone          text not null,
  locale        text not null check (locale ~ '^[a-z]{2}(-[A-Z]{2})?$'),
  units         text not null check (units in ('METRIC', 'IMPERIAL')),
  next_label    bigint not null default 0 check (next_label >= 0),
  version       bigint not null default 0
);
comment on column garage.next_label is 'Number of the next speakable code; shared by places, bags and jobs, so that a code names one thing';

create table account (
  id            uuid primary key,
  sign_in_name  text not null check (sign_in_name = lower(btrim(sign_in_name)) and length(sign_in_name) between 1 and 120),
  display_name  text not null check (btrim(display_name) <> '' and length(display_name) <= 120),
  password_hash text not null,
  created_at    timestamptz not null default now()
);
create unique index account_sign_in_name on account (sign_in_name);

create table member (
  garage_id  uuid not null references garage (id),
  account_id uuid not null references account (id),
  role       text not null check (role in ('OWNER', 'HELPER', 'VIEWER')),
  primary key (garage_id, account_id)
);
create index member_account on member (account_id);

-- Signing in a phone by a code on the screen: the token is kept as a hash, used once, and runs out.
create table pairing (
  token_hash bytea primary key,
  garage_id  uuid not null,
  account_id uuid not null,
  expires_at timestamptz not null,
  used_at    timestamptz,
  foreign key (garage_id, account_id) references member (garage_id, account_id)
);
create index pairing_member on pairing (garage_id, account_id);

-- Links for people without an account: signed, expiring, revocable.
create table signed_link (
  id           uuid primary key,
  garage_id    uuid not null references garage (id),
  purpose      text not null check (purpose in ('REVIEW', 'DOSSIER')),
  subject_id   uuid not null,
  token_hash   bytea not null unique,
  made_by      uuid not null references account (id),
  expires_at   timestamptz not null,
  revoked_at   timestamptz
);
create index signed_link_garage on signed_link (garage_id);
create index signed_link_made_by on signed_link (made_by);

-- Spring Session's tables (schema of spring-session-jdbc for PostgreSQL), kept here so that Flyway owns the whole schema.
create table spring_session (
  primary_id            char(36) not null primary key,
  session_id            char(36) not null,
  creation_time         bigint not null,
  last_access_time      bigint not null,
  max_inactive_interval int not null,
  expiry_time           bigint not null,
  principal_name        varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name     varchar(200) not null,
  attribute_bytes    bytea not null,
  primary key (session_primary_id, attribute_name)
);
