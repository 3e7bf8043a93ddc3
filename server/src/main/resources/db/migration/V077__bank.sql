-- What the bank says was paid, and in which columns each of its lists says what.
create table bank_list (
  id               uuid primary key,
  garage_id        uuid not null references garage (id),
  decimals         text not null check (decimals in ('POINT', 'COMMA')),
  days             text not null check (days in ('DAY_FIRST', 'MONTH_FIRST')),
  day_column       int not null check (day_column >= 0),
  amount_column    int check (amount_column >= 0),
  paid_out_column  int check (paid_out_column >= 0),
  paid_in_column   int check (paid_in_column >= 0),
  payee_column     int check (payee_column >= 0),
  purpose_column   int check (purpose_column >= 0),
  unique (garage_id, id),
  check ((amount_column is null) = (paid_out_column is not null or paid_in_column is not null)),
  check (payee_column is not null or purpose_column is not null)
);
comment on column bank_list.id is 'Made out of the garage and the first line of the list: a list with the same first line has the same columns';
create trigger history after insert or update or delete on bank_list for each row execute function record_history();

create table bank_line (
  id        uuid primary key,
  garage_id uuid not null references garage (id),
  paid_on   date not null,
  minor     bigint not null check (minor <> 0),
  payee     text not null check (length(payee) <= 120),
  purpose   text not null check (length(purpose) <= 120),
  state     text not null check (state in ('OPEN', 'RECEIPT', 'ELSEWHERE')),
  entry_id  uuid,
  version   bigint not null default 0,
  unique (garage_id, id),
  unique (garage_id, entry_id),
  foreign key (garage_id, entry_id) references entry (garage_id, id),
  check ((state = 'RECEIPT') = (entry_id is not null)),
  check (state <> 'ELSEWHERE' or payee = '' and purpose = '')
);
comment on column bank_line.id is 'Made out of the garage and what the line says: read again it is the same';
comment on column bank_line.minor is 'In the base currency; less than nothing where it was paid';
comment on column bank_line.state is 'ELSEWHERE: not for a car; to whom and what for stand only in the history, from which it can be taken back';
create index bank_line_open on bank_line (garage_id, state, paid_on);
create trigger history after insert or update or delete on bank_line for each row execute function record_history();
