-- What a seller sells, as his last list says, and in which columns his lists say it. The list is a copy of a file: it has no history.
create table seller_list (
  supplier_id     uuid primary key,
  garage_id       uuid not null,
  read_on         date not null,
  decimals        text not null check (decimals in ('POINT', 'COMMA')),
  title_column    int not null,
  price_column    int not null,
  number_column   int,
  pieces_column   int,
  lead_column     int,
  stock_column    int,
  replaced_column int,
  foreign key (garage_id, supplier_id) references supplier (garage_id, id) on delete cascade
);
create index seller_list_garage on seller_list (garage_id, supplier_id);

create table seller_article (
  id          uuid primary key default gen_random_uuid(),
  garage_id   uuid not null,
  supplier_id uuid not null references seller_list (supplier_id) on delete cascade,
  number      text not null check (length(number) <= 120),
  title       text not null check (btrim(title) <> '' and length(title) <= 120),
  price_minor bigint not null check (price_minor between 1 and 10000000000),
  pieces      int not null check (pieces between 1 and 9999),
  lead_days   int check (lead_days between 0 and 730),
  stock       int check (stock between 0 and 99999),
  replaced_by text not null default '' check (length(replaced_by) <= 120)
);
create index seller_article_supplier on seller_article (supplier_id);
create index seller_article_garage on seller_article (garage_id);
