-- Sellers that can be asked over the wire: under which name, by which number of theirs, and what they answered on an order.
alter table supplier add wire_name text check (btrim(wire_name) <> '' and length(wire_name) <= 60);
comment on column supplier.wire_name is 'Under which name it answers over the wire; null: it does not';
create unique index supplier_wire_name on supplier (garage_id, wire_name);

alter table part_source add article text check (btrim(article) <> '' and length(article) <= 60);
comment on column part_source.article is 'Number by which its seller knows it; null where nobody knows it';

create table order_sending (
  id         uuid primary key,
  garage_id  uuid not null,
  order_id   uuid not null,
  sent_on    date not null,
  answer     text not null check (answer in ('UNSURE', 'ACCEPTED', 'REFUSED')),
  said_minor bigint check (said_minor between 0 and 10000000000),
  said_on    date,
  reason     text not null default '' check (length(reason) <= 400),
  unique (garage_id, order_id),
  foreign key (garage_id, order_id) references purchase_order (garage_id, id),
  check ((answer = 'ACCEPTED') = (said_minor is not null)),
  check ((answer = 'ACCEPTED') = (said_on is not null))
);
comment on table order_sending is 'An order that was sent to its seller over the wire, and the last answer; unsure: it may have got there, and may be sent again';
create index order_sending_order on order_sending (garage_id, order_id);
create trigger history after insert or update or delete on order_sending for each row execute function record_history();

-- What went over the wire is not taken back by forgetting it.
create function order_sending_stays() returns trigger language plpgsql as $$
begin
  if tg_op = 'DELETE' or old.answer <> 'UNSURE' then
    raise exception 'order_sending.stays' using errcode = 'check_violation', constraint = 'order_sending_stays';
  end if;
  return new;
end $$;
create trigger order_sending_stays before update or delete on order_sending for each row execute function order_sending_stays();
