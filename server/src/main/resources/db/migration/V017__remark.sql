-- What somebody outside says to findings, by a link: unconfirmed until the owner accepts or rejects it with a reason.
alter table signed_link add unique (garage_id, id);
create table remark (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  link_id    uuid not null,
  finding_id uuid,
  zone       text check (zone ~ '^[a-z0-9-]+$'),
  author     text not null check (btrim(author) <> '' and length(author) <= 120),
  words      text not null check (btrim(words) <> '' and length(words) <= 4000),
  said_at    timestamptz not null default clock_timestamp(),
  state      text not null check (state in ('UNCONFIRMED', 'ACCEPTED', 'REJECTED')),
  reason     text not null default '' check (length(reason) <= 120),
  version    bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, link_id) references signed_link (garage_id, id),
  foreign key (garage_id, finding_id) references finding (garage_id, id),
  check (num_nonnulls(finding_id, zone) = 1),
  check ((state = 'UNCONFIRMED') = (reason = ''))
);
create index remark_project on remark (garage_id, project_id);
create index remark_link on remark (garage_id, link_id);
create index remark_finding on remark (garage_id, finding_id) where finding_id is not null;
create trigger history after insert or update or delete on remark for each row execute function record_history();
