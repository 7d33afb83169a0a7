select r.id, r.place, r.kind, r.value, r.taken_at, r.version
from latest_reading r join enclosure_access e on e.enclosure_id = r.enclosure_id
where e.keeper_id = (select id from keeper where name = 'bench') and e.enclosure_id = 1
order by r.place, r.kind;
