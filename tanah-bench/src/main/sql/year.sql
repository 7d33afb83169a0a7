select d.low, d.low_at, d.high, d.high_at
from reading_day d join enclosure_access e on e.enclosure_id = d.enclosure_id
where e.keeper_id = (select id from keeper where name = 'bench') and e.enclosure_id = 1 and d.place = 'place-3' and d.kind = 'rh'
  and d.day >= (now() at time zone 'UTC')::date - 365
order by d.day;
