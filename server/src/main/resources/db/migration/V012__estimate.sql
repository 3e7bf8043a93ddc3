-- What an hour at a workshop costs where the garage is: from it first guesses of what parts and material cost are made.
alter table garage add column workshop_hour_minor bigint check (workshop_hour_minor > 0);

-- What mending a finding will take, as a person judged it. What is left open is proposed anew each time.
create table finding_estimate (
  id                  uuid primary key,
  garage_id           uuid not null,
  optimistic_minutes  int,
  likely_minutes      int,
  pessimistic_minutes int,
  optimistic_minor    bigint,
  likely_minor        bigint,
  pessimistic_minor   bigint,
  rust_grade          text check (rust_grade in ('RI_0', 'RI_1', 'RI_2', 'RI_3', 'RI_4', 'RI_5')),
  blister_quantity    int check (blister_quantity between 0 and 5),
  blister_size        int check (blister_size between 0 and 5),
  length_millimetres  int check (length_millimetres between 1 and 6000),
  width_millimetres   int check (width_millimetres between 1 and 6000),
  perforated          boolean not null default false,
  mounting_millimetres int check (mounting_millimetres between 0 and 6000),
  payer               text check (payer in ('RECALL', 'INSURER', 'SELLER', 'VENDOR', 'WORKSHOP')),
  payer_note          text not null default '' check (length(payer_note) <= 4000),
  version             bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, id) references finding (garage_id, id),
  check (num_nulls(optimistic_minutes, likely_minutes, pessimistic_minutes) in (0, 3)),
  check (0 <= optimistic_minutes and optimistic_minutes <= likely_minutes and likely_minutes <= pessimistic_minutes),
  check (num_nulls(optimistic_minor, likely_minor, pessimistic_minor) in (0, 3)),
  check (0 <= optimistic_minor and optimistic_minor <= likely_minor and likely_minor <= pessimistic_minor),
  check (num_nulls(rust_grade, length_millimetres, width_millimetres) in (0, 3)),
  check ((blister_quantity is null) = (blister_size is null)),
  check (rust_grade is not null or not perforated)
);
comment on column finding_estimate.id is 'The id of the finding';
create trigger history after insert or update or delete on finding_estimate for each row execute function record_history();
