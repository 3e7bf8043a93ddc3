-- What lies in the garage: things with place, condition and origin; what comes and goes is kept, and adds up to what is there.
alter table place add within uuid, add foreign key (garage_id, within) references place (garage_id, id), add check (within <> id);

create table stock (
  id           uuid primary key,
  garage_id    uuid not null references garage (id),
  project_id   uuid,
  item         text check (item ~ '^[a-z0-9-]{1,60}$'),
  title        text not null check (btrim(title) <> '' and length(title) <= 120),
  side         text not null check (side in ('LEFT', 'RIGHT', 'BOTH', 'NONE')),
  unit         text not null check (unit in ('PIECE', 'MILLILITRE', 'GRAM', 'CENTIMETRE')),
  quantity     int not null check (quantity between 0 and 99999),
  low_mark     int check (low_mark between 0 and 99999),
  cost_minor   bigint not null default 0 check (cost_minor between 0 and 10000000000),
  worth_minor  bigint not null default 0 check (worth_minor between 0 and 10000000000),
  place_id     uuid not null,
  condition    text not null check (condition in ('NEW', 'GOOD', 'WORN', 'BROKEN', 'UNKNOWN')),
  origin       text not null check (origin in ('BOUGHT', 'LEFT_OVER', 'STRIPPED', 'DONOR', 'MADE', 'GIVEN')),
  note         text not null default '' check (length(note) <= 4000),
  fate         text not null check (fate in ('UNDECIDED', 'KEEP', 'PATTERN', 'EXCHANGE', 'SELL', 'SCRAP')),
  replaced_by  uuid,
  asking_minor bigint check (asking_minor between 0 and 10000000000),
  buyer        text not null default '' check (length(buyer) <= 120),
  version      bigint not null default 0,
  unique (garage_id, id),
  foreign key (garage_id, project_id) references project (garage_id, id),
  foreign key (garage_id, place_id) references place (garage_id, id),
  foreign key (garage_id, replaced_by) references need (garage_id, id) on delete set null (replaced_by)
);
comment on column stock.project_id is 'The vehicle that it is of or was bought for; null: of the garage';
comment on column stock.replaced_by is 'The part that takes its place: until that is fitted and verified it stays';
comment on column stock.buyer is 'Sold to, and still to be collected';
create index stock_garage on stock (garage_id, title);
create index stock_place on stock (garage_id, place_id);
create index stock_project on stock (garage_id, project_id);
create index stock_replaced_by on stock (garage_id, replaced_by);
create trigger history after insert or update or delete on stock for each row execute function record_history();

create table stock_move (
  id        uuid primary key,
  garage_id uuid not null,
  stock_id  uuid not null,
  kind      text not null check (kind in ('IN', 'DRAWN', 'COUNTED', 'SOLD', 'SCRAPPED')),
  pieces    int not null check (pieces <> 0 and case kind when 'IN' then pieces > 0 when 'COUNTED' then true else pieces < 0 end),
  need_id   uuid,
  moved_on  date not null,
  note      text not null default '' check (length(note) <= 120),
  foreign key (garage_id, stock_id) references stock (garage_id, id) on delete cascade,
  foreign key (garage_id, need_id) references need (garage_id, id) on delete set null (need_id),
  check ((kind = 'DRAWN') >= (need_id is not null))
);
create index stock_move_stock on stock_move (garage_id, stock_id);
create index stock_move_need on stock_move (garage_id, need_id);
create trigger history after insert or update or delete on stock_move for each row execute function record_history();

create function stock_is_what_came_and_went() returns trigger language plpgsql as $$
declare
  its uuid;
  there int;
  moved int;
begin
  if tg_table_name = 'stock' then its := new.id;
  elsif tg_op = 'DELETE' then its := old.stock_id;
  else its := new.stock_id;
  end if;
  select quantity into there from stock where id = its;
  if not found then return null; end if;
  select coalesce(sum(pieces), 0) into moved from stock_move where stock_id = its;
  if there <> moved then
    raise exception 'of stock % there are %, but % came and went', its, there, moved
      using errcode = 'check_violation', constraint = 'stock_is_what_came_and_went';
  end if;
  return null;
end $$;
create constraint trigger stock_is_what_came_and_went after insert or update of quantity on stock
  deferrable initially deferred for each row execute function stock_is_what_came_and_went();
create constraint trigger stock_is_what_came_and_went after insert or update or delete on stock_move
  deferrable initially deferred for each row execute function stock_is_what_came_and_went();

-- What is more in the pack than was needed goes onto the shelf when it is checked in.
alter table order_line add spare_pieces int not null default 0 check (spare_pieces between 0 and 99999);

alter table attachment_link add column stock_id uuid, add foreign key (garage_id, stock_id) references stock (garage_id, id) on delete cascade;
alter table attachment_link drop constraint attachment_link_check;
alter table attachment_link
  add constraint attachment_link_check
  check (num_nonnulls(vehicle_id, finding_id, job_id, need_id, order_id, work_session_id, entry_id, second_look_id, stock_id) = 1);
create index attachment_link_stock on attachment_link (garage_id, stock_id);
