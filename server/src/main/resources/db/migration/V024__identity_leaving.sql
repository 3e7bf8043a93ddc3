-- Who leaves a garage stays in its records (sessions that they logged, checks that they answered) but may not enter it any more.
alter table member add column left_at timestamptz;

-- A device on which somebody signed in with the right password: guesses from elsewhere do not lock it out.
create table known_device (
  token_hash bytea primary key,
  account_id uuid not null references account (id),
  seen_at    timestamptz not null default now()
);
create index known_device_account on known_device (account_id);
