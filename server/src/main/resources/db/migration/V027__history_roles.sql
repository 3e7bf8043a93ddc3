-- Which role a change asked for. Who has a lesser one by now may not take it back; what says nothing asks for an owner.
alter table write_receipt add column needs_role text check (needs_role in ('OWNER', 'HELPER', 'VIEWER'));
