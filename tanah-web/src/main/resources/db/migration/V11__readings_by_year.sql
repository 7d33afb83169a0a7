-- a partition for each year: a file that spans decades makes dozens of them, not hundreds, and a query locks few
create function ensure_reading_year(at timestamptz) returns void
    language plpgsql as
$$
declare
    first date := date_trunc('year', at at time zone 'UTC')::date;
    part  text := 'reading_y' || to_char(first, 'YYYY');
begin
    if first < date '1990-01-01' or first > current_date + 366 then
        raise exception 'a reading of % is none', at using errcode = '22008';
    end if;
    if to_regclass(format('%I.%I', current_schema(), part)) is null then
        perform pg_advisory_xact_lock(hashtext(part));
        execute format('create table if not exists %I partition of reading for values from (%L) to (%L)',
                       part, first::text || ' 00:00:00+00', (first + interval '1 year')::date::text || ' 00:00:00+00');
    end if;
end
$$;

-- the months that there are become years; straight into the partition, so that nothing is counted anew
do
$$
declare
    month record;
begin
    for month in
        select c.relname as name, to_date(substring(c.relname from 'reading_(\d{4}_\d{2})$'), 'YYYY_MM') as first
        from pg_inherits i join pg_class c on c.oid = i.inhrelid
        where i.inhparent = 'reading'::regclass and c.relname ~ '^reading_\d{4}_\d{2}$'
        order by 2
    loop
        execute format('alter table reading detach partition %I', month.name);
    end loop;
    for month in
        select c.relname as name, to_date(substring(c.relname from 'reading_(\d{4}_\d{2})$'), 'YYYY_MM') as first
        from pg_class c
        where c.relnamespace = current_schema()::regnamespace and c.relkind = 'r' and c.relname ~ '^reading_\d{4}_\d{2}$'
        order by 2
    loop
        perform ensure_reading_year(month.first::timestamp at time zone 'UTC');
        execute format('insert into %I select * from %I', 'reading_y' || to_char(month.first, 'YYYY'), month.name);
        execute format('drop table %I', month.name);
    end loop;
end
$$;

drop function ensure_reading_month(timestamptz);
