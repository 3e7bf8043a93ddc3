-- What a place allows: the garage itself, where no place is said, or one of its places. What is not said is not known and puts nothing off.
create table premises (
  id         uuid primary key,
  garage_id  uuid not null references garage (id),
  place_id   uuid,
  heating    text not null check (heating in ('NOT_SAID', 'HEATED', 'WHERE_IT_CURES', 'COLD')),
  nights     int[] check (cardinality(nights) = 12 and -40 <= all (nights) and 40 >= all (nights)),
  noise_from int check (noise_from >= 0 and noise_from % 15 = 0),
  noise_to   int check (noise_to <= 1440 and noise_to % 15 = 0),
  shelf      int check (shelf between 0 and 100000),
  unique nulls not distinct (garage_id, place_id),
  check ((noise_from is null) = (noise_to is null)),
  check (noise_from < noise_to),
  check (shelf is null or place_id is null),
  foreign key (garage_id, place_id) references place (garage_id, id)
);
comment on column premises.nights is 'Usual nights in degrees Celsius, by month from January; empty for what is usual at that latitude';
comment on column premises.shelf is 'Room for what is taken off, on floor and shelves, in hundredths of a square metre';
create trigger history after insert or update or delete on premises for each row execute function record_history();

-- What matters first in the plan of a car; who has no row wants it running first.
create table plan_policy (
  id         uuid primary key,
  garage_id  uuid not null,
  project_id uuid not null,
  policy     text not null check (policy in ('RUNNING_FIRST', 'BODY_FIRST', 'MECHANICAL_FIRST', 'KEEP_ROLLING')),
  unique (garage_id, project_id),
  foreign key (garage_id, project_id) references project (garage_id, id)
);
create trigger history after insert or update or delete on plan_policy for each row execute function record_history();
