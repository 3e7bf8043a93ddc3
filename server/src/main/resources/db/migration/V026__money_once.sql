-- What was sent back stays on its order, marked: its price is not owed any more, or comes back.
alter table order_line add column returned_on date;
update order_line l set returned_on = current_date
from need n
where n.garage_id = l.garage_id and n.id = l.need_id and n.state = 'RETURNED'
  and l.order_id = (select o.id from order_line x join purchase_order o on o.garage_id = x.garage_id and o.id = x.order_id
                    where x.garage_id = l.garage_id and x.need_id = n.id order by o.ordered_on desc, o.id limit 1);

-- A deposit comes back until this day; after it, it is a cost.
alter table entry add column return_by date;
alter table entry add constraint entry_return_by check (return_by is null or kind = 'DEPOSIT_PAID');

-- The page and the ledger once counted the decimals of these currencies differently, so that an amount could be kept a hundred or a
-- thousand times too small. Nothing is changed here: the owner compares each with its receipt and ticks it off.
create table amount_to_check (
  id           uuid primary key default gen_random_uuid(),
  garage_id    uuid not null references garage (id),
  project_id   uuid,
  entity       text not null check (entity in ('entry', 'purchase_order', 'project', 'need')),
  row_id       uuid not null,
  title        text not null,
  currency     char(3) not null,
  amount_minor bigint not null
);
create index amount_to_check_garage on amount_to_check (garage_id);

with doubtful (code) as (values ('AFN'), ('ALL'), ('COP'), ('HUF'), ('IDR'), ('IQD'), ('IRR'), ('KPW'), ('LAK'), ('LBP'), ('MGA'), ('MMK'), ('PKR'),
                                ('SOS'), ('SYP'), ('YER'))
insert into amount_to_check (garage_id, project_id, entity, row_id, title, currency, amount_minor)
select garage_id, project_id, 'entry', id, description, currency, amount_minor from entry where currency in (select code from doubtful)
union all
select o.garage_id, o.project_id, 'purchase_order', o.id, s.name, o.currency,
       o.post_minor + (select coalesce(sum(l.amount_minor), 0) from order_line l where l.garage_id = o.garage_id and l.order_id = o.id)
from purchase_order o join supplier s on s.garage_id = o.garage_id and s.id = o.supplier_id where o.currency in (select code from doubtful)
union all
select p.garage_id, p.id, 'project', p.id, v.name, g.base_currency, p.budget_minor
from project p join garage g on g.id = p.garage_id join vehicle v on v.garage_id = p.garage_id and v.id = p.vehicle_id
where g.base_currency in (select code from doubtful) and p.budget_minor <> 0
union all
select n.garage_id, n.project_id, 'need', n.id, n.title, g.base_currency, n.estimate_minor
from need n join garage g on g.id = n.garage_id where g.base_currency in (select code from doubtful) and n.estimate_minor <> 0;
