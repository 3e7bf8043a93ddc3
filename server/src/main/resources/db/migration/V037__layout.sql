-- Where the engine is and which wheels it drives, in the trade's terms. What was driven by all wheels counted as driven by the rear ones.
select rename_column('vehicle', 'drive', 'layout');
alter table vehicle drop constraint vehicle_drive_check;
update vehicle set layout = case
  when body_style = 'MOTORCYCLE' then 'MOTORCYCLE'
  when layout = 'FRONT' then 'FRONT_ENGINE_FRONT_DRIVE'
  when layout = 'ALL' then 'FOUR_WHEEL_DRIVE'
  when layout = 'REAR_ENGINE' then 'REAR_ENGINE'
  else 'FRONT_ENGINE_REAR_DRIVE' end;
alter table vehicle add constraint vehicle_layout_check check (layout in
  ('FRONT_ENGINE_REAR_DRIVE', 'FRONT_ENGINE_FRONT_DRIVE', 'FOUR_WHEEL_DRIVE', 'MID_ENGINE', 'REAR_ENGINE', 'MOTORCYCLE'));
alter table vehicle add constraint vehicle_layout_of_body check ((body_style = 'MOTORCYCLE') = (layout = 'MOTORCYCLE'));
-- Coupe, roadster and pick-up are drawn.
alter table vehicle drop constraint if exists vehicle_body_style_check;
alter table vehicle add constraint vehicle_body_style_check check (body_style in
  ('ESTATE', 'SALOON', 'HATCHBACK', 'COUPE', 'ROADSTER', 'PICKUP', 'VAN', 'MOTORCYCLE'));
-- Estates were drawn with two doors: they keep them until somebody says that there are four.
insert into vehicle_equipment (id, garage_id, project_id, item, value, how, account_id, said_at)
select gen_random_uuid(), p.garage_id, p.id, 'doors', 'two', 'SAID', o.account_id, now()
from vehicle v
join project p on p.garage_id = v.garage_id and p.vehicle_id = v.id
join lateral (select account_id from member m where m.garage_id = v.garage_id and m.role = 'OWNER' order by account_id limit 1) o on true
where v.body_style = 'ESTATE';

-- One look may answer for several places: a pair of lamps, four doors. What was said of one place before stays of that place.
alter table check_answer add column whole boolean not null default false;
comment on column check_answer.whole is 'Given for all places that one look answers for';
