-- Made-up readings for ./tanah bench data: box 1 has a fiftieth of them at 20 places and kinds, the others 4 series each, three years
-- up to today. Triggers rest while they are written; what triggers keep is made once at the end.
\set ON_ERROR_STOP on
set session_replication_role = replica;
insert into keeper (name, password_hash) values ('bench', '{noop}none');
insert into enclosure (keeper_id, name)
select k.id, 'box ' || n from keeper k, generate_series(1, greatest(2, (:readings / 50000 - 20) / 4 + 1)) n where k.name = 'bench';
create temporary table series as
select e.id as enclosure_id, 'place-' || (s / 2) as place, case when s % 2 = 0 then 'temp_air' else 'rh' end as kind, e.id * 31 + s as seed
from (select id, row_number() over (order by id) as n from enclosure) e
cross join generate_series(0, 19) s
where e.n = 1 or s < 4;
select count(*) as series from series \gset
\echo :series series
do $$
begin
    for y in 0..3 loop
        perform ensure_reading_year(now() - make_interval(years => y));
    end loop;
end $$;
insert into reading (enclosure_id, place, kind, value, taken_at, client_id)
select s.enclosure_id, s.place, s.kind,
       case s.kind when 'rh' then 60 + 20 * sin(n / 23.0 + s.seed) else 24 + 4 * sin(n / 23.0 + s.seed) end,
       now() - n * interval '1095 days' / 50000, gen_random_uuid()
from generate_series(0, 49999) n cross join series s;
insert into latest_reading (enclosure_id, place, kind, id, value, taken_at, version)
select s.enclosure_id, s.place, s.kind, n.id, n.value, n.taken_at, n.version
from series s cross join lateral (
    select r.id, r.value, r.taken_at, r.version from reading r
    where r.enclosure_id = s.enclosure_id and r.place = s.place and r.kind = s.kind and not r.deleted
    order by r.taken_at desc, r.id desc limit 1) n;
insert into reading_day (enclosure_id, place, kind, day, count, low, low_at, high, high_at)
select enclosure_id, place, kind, (taken_at at time zone 'UTC')::date, count(*)::integer,
       min(value), min(taken_at), max(value), max(taken_at)
from reading where enclosure_id in (select id from enclosure order by id limit 25)
group by enclosure_id, place, kind, (taken_at at time zone 'UTC')::date;
set session_replication_role = origin;
analyze reading; analyze latest_reading; analyze reading_day;


select (select count(*) from reading) as readings,
       (select pg_size_pretty(sum(pg_total_relation_size(inhrelid))) from pg_inherits where inhparent = 'reading'::regclass);
