-- What becomes of what was ordered: it comes, late or in part; it is looked at, tried on, sent back; its price comes back or is lost.
alter table supplier
  add return_days  int check (return_days between 0 and 365),
  add avoid        boolean not null default false,
  add avoid_reason text not null default '' check (length(avoid_reason) <= 120);
comment on column supplier.return_days is 'Days from arrival in which it takes things back; null where nobody knows';

alter table order_line
  add pieces         int check (pieces between 1 and 9999),
  add expected_on    date,
  add arrived_on     date,
  add return_days    int check (return_days between 0 and 365),
  add outcome        text check (outcome in ('RIGHT', 'WRONG', 'DAMAGED', 'CANCELLED')),
  add outcome_reason text not null default '' check (length(outcome_reason) <= 4000),
  add tried_on       date,
  add sent_on        date,
  add slip           text not null default '' check (length(slip) <= 120),
  add refund_lost_on date;
comment on column order_line.expected_on is 'The new day where it was put off; null: the day of the order';
comment on column order_line.return_days is 'As the supplier gave them when it was ordered';

-- what a migration fills in is nothing that a person could take back
alter table order_line disable trigger history;
update order_line l set
  pieces = n.quantity,
  outcome = case
    when l.returned_on is not null then 'WRONG'
    when n.state in ('ACCEPTED', 'FITTED', 'VERIFIED') then 'RIGHT' end,
  outcome_reason = case when l.returned_on is not null and n.state = 'RETURNED' then n.state_reason else '' end,
  -- before today nobody kept when a parcel was posted: what is long back is not asked for again
  sent_on = l.returned_on,
  arrived_on = case
    when l.returned_on is not null then l.returned_on
    when n.state in ('RECEIVED', 'ACCEPTED', 'FITTED', 'VERIFIED') then n.arrived_on end
from need n where n.garage_id = l.garage_id and n.id = l.need_id;
alter table order_line enable trigger history;
alter table order_line alter column pieces set not null;
alter table order_line
  add check ((outcome is not null and outcome <> 'RIGHT') = (returned_on is not null)),
  add check (sent_on is null or outcome in ('WRONG', 'DAMAGED')),
  add check (refund_lost_on is null or returned_on is not null);

-- Pieces of one need that go different ways are needs of their own; together they stay what was needed.
alter table need
  add again_waiver text not null default '' check (length(again_waiver) <= 120),
  add split_from uuid,
  add wanted     int check (wanted between 1 and 9999),
  add foreign key (garage_id, split_from) references need (garage_id, id);
alter table need disable trigger history;
update need set wanted = quantity;
alter table need enable trigger history;
alter table need add check ((split_from is null) = (wanted is not null));
create index need_split_from on need (garage_id, split_from) where split_from is not null;

create function need_keeps_its_pieces() returns trigger language plpgsql as $$
declare
  root uuid := coalesce(new.split_from, new.id);
  stated int;
  there int;
begin
  select wanted into stated from need where garage_id = new.garage_id and id = root;
  select sum(quantity) into there from need where garage_id = new.garage_id and (id = root or split_from = root);
  if stated is distinct from there then
    raise exception 'of need % there are % pieces, but % were needed', root, there, stated
      using errcode = 'check_violation', constraint = 'need_keeps_its_pieces';
  end if;
  return null;
end $$;
create constraint trigger need_keeps_its_pieces after insert or update of quantity, wanted, split_from on need
  deferrable initially deferred for each row execute function need_keeps_its_pieces();
