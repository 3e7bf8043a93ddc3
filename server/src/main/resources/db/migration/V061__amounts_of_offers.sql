-- Money of offers and parcels as far as any amount may go: what is too large is said at its field and never first by the table.
alter table supplier drop constraint supplier_post_minor_check, drop constraint supplier_free_from_minor_check;
alter table supplier
  add constraint supplier_post_minor_check check (post_minor between 0 and 1000000000000),
  add constraint supplier_free_from_minor_check check (free_from_minor between 0 and 1000000000000);
alter table part_source drop constraint part_source_price_minor_check, drop constraint part_source_deposit_minor_check;
alter table part_source
  add constraint part_source_price_minor_check check (price_minor between 0 and 1000000000000),
  add constraint part_source_deposit_minor_check check (deposit_minor between 0 and 1000000000000);
