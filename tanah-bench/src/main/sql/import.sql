-- 100,000 readings in pieces of 500, as an import writes them, with triggers at work
do $$
declare
    piece integer;
begin
    for piece in 0..199 loop
        insert into reading (enclosure_id, place, kind, value, taken_at, client_id, author)
        select e.enclosure_id, v.place, v.kind, v.value, v.taken_at, v.client_id, e.keeper_id
        from enclosure_access e
          join (select 2 as enclosure_id, 'place-' || (n % 4) as place, 'temp_air' as kind, 20 + n % 7 as value,
                       now() - (piece * 500 + n) * interval '3 minutes' as taken_at, gen_random_uuid() as client_id
                from generate_series(0, 499) n) v on v.enclosure_id = e.enclosure_id
        where e.keeper_id = (select id from keeper where name = 'bench') and e.grade >= 2
        on conflict (client_id, taken_at) do nothing;
    end loop;
end $$;
