-- The fasteners that a recipe named for a job: nobody says them away.
alter table job_to_hand add column given text[] not null default '{}';
update job_to_hand h set given = h.fasteners
from job j where j.garage_id = h.garage_id and j.id = h.job_id and j.chain_id is not null;
