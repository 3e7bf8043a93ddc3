-- What is made by hand: of what, how large, how many, by which drawing.
create table job_made (
  id        uuid primary key,
  garage_id uuid not null,
  job_id    uuid not null,
  number    text not null check (length(number) <= 120),
  material  text not null check (length(material) between 1 and 120),
  sizes     text not null check (length(sizes) between 1 and 4000),
  pieces    integer not null check (pieces between 1 and 999),
  version   bigint not null,
  unique (garage_id, job_id),
  foreign key (garage_id, job_id) references job (garage_id, id)
);
create trigger history after insert or update or delete on job_made for each row execute function record_history();
