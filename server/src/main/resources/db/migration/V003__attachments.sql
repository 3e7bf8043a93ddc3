-- A photo or a receipt: the bytes lie in the data folder under their hash; what it belongs to is in attachment_link.
create table attachment (
  id         uuid primary key,
  garage_id  uuid not null references garage (id),
  media_type text not null check (media_type in ('image/jpeg', 'image/png', 'application/pdf')),
  file_name  text not null check (length(file_name) <= 200),
  sha256     text not null check (sha256 ~ '^[0-9a-f]{64}$'),
  bytes      bigint not null check (bytes > 0),
  width      int check (width > 0),
  height     int check (height > 0),
  taken_at   timestamptz,
  added_at   timestamptz not null default now(),
  unique (garage_id, id),
  check ((width is null) = (media_type = 'application/pdf') and (height is null) = (width is null))
);
create trigger history after insert or update or delete on attachment for each row execute function record_history();
