-- What all that is known of a finding demands, and why its class is milder where a person lowered it. V030 fills in what was there before.
alter table finding
  add column demanded_class text check (demanded_class in ('A', 'B', 'C', 'D')),
  add column lowered_reason text check (length(lowered_reason) between 1 and 120),
  add column lowered_by uuid references account (id),
  add column limit_id text check (limit_id ~ '^[a-z0-9-]+$');
comment on column finding.limit_id is 'The limit that a reading lay outside of';
create index finding_lowered_by on finding (lowered_by) where lowered_by is not null;

-- Of the zone, or of the finding where the job belongs to no place of the drawing. Unknown counts like the gravest.
alter table job add column system text;
