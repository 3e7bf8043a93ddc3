-- The price of a way is kept for a thousand kilometres: a price a mile then comes back as it was typed. Each person chooses units of their own.
alter table travel_rate drop constraint travel_rate_km_minor_check;
select rename_column('travel_rate', 'km_minor', 'thousand_km_minor');
alter table travel_rate disable trigger history;
update travel_rate set thousand_km_minor = thousand_km_minor * 1000;
alter table travel_rate enable trigger history;
alter table travel_rate add constraint travel_rate_thousand_km_minor_check check (thousand_km_minor between 0 and 100000000);
update history
  set before = before || jsonb_build_object('thousand_km_minor', (before ->> 'thousand_km_minor')::bigint * 1000),
      after  = after  || jsonb_build_object('thousand_km_minor', (after  ->> 'thousand_km_minor')::bigint * 1000)
  where entity = 'travel_rate';

alter table garage drop column units;
