-- Whatever came off the fuel system counted as the fuel being out, a carburettor too: what empties the tank says so from now on.
update job j
set details = array_append(details, 'FUEL_OUT')
from work_chain c
where c.garage_id = j.garage_id and c.id = j.chain_id and c.recipe in ('fuel-out', 'fuel-tank') and j.operation = 'STRIP'
  and not 'FUEL_OUT' = any (j.details);
