-- the newest reading of each place and kind, kept by the database whatever writes readings
create table latest_reading (
    enclosure_id bigint           not null references enclosure (id) on delete cascade,
    place        text             not null,
    kind         text             not null,
    id           bigint           not null,
    value        double precision not null,
    taken_at     timestamptz      not null,
    version      integer          not null,
    primary key (enclosure_id, place, kind)
);

-- the lowest and the highest of each day (UTC), for charts over months
create table reading_day (
    enclosure_id bigint           not null references enclosure (id) on delete cascade,
    place        text             not null,
    kind         text             not null,
    day          date             not null,
    count        integer          not null,
    low          double precision not null,
    low_at       timestamptz      not null,
    high         double precision not null,
    high_at      timestamptz      not null,
    primary key (enclosure_id, place, kind, day)
);

create index reading_newest on reading (enclosure_id, taken_at desc, id desc);

-- what a set of changed readings touches is made again from the readings themselves: nothing is counted up or down
create function refresh_latest_readings(touched reading[]) returns void
    language sql as
$$
    with key as (
        select distinct t.enclosure_id, t.place, t.kind from unnest(touched) t
        join enclosure e on e.id = t.enclosure_id
    ), gone as (
        delete from latest_reading l using key k
        where l.enclosure_id = k.enclosure_id and l.place = k.place and l.kind = k.kind
          and not exists (select 1 from reading r where r.enclosure_id = k.enclosure_id and r.place = k.place
                          and r.kind = k.kind and not r.deleted)
    )
    insert into latest_reading (enclosure_id, place, kind, id, value, taken_at, version)
    select k.enclosure_id, k.place, k.kind, n.id, n.value, n.taken_at, n.version
    from key k cross join lateral (
        select r.id, r.value, r.taken_at, r.version from reading r
        where r.enclosure_id = k.enclosure_id and r.place = k.place and r.kind = k.kind and not r.deleted
        order by r.taken_at desc, r.id desc limit 1) n
    on conflict (enclosure_id, place, kind) do update
        set id = excluded.id, value = excluded.value, taken_at = excluded.taken_at, version = excluded.version
$$;

create function refresh_reading_days(touched reading[]) returns void
    language sql as
$$
    with key as (
        select distinct t.enclosure_id, t.place, t.kind, (t.taken_at at time zone 'UTC')::date as day
        from unnest(touched) t join enclosure e on e.id = t.enclosure_id
    ), made as (
        select k.enclosure_id, k.place, k.kind, k.day, count(*)::integer as count,
               min(r.value) as low, (array_agg(r.taken_at order by r.value, r.taken_at))[1] as low_at,
               max(r.value) as high, (array_agg(r.taken_at order by r.value desc, r.taken_at))[1] as high_at
        from key k join reading r on r.enclosure_id = k.enclosure_id and r.place = k.place and r.kind = k.kind
          and r.taken_at >= k.day::timestamp at time zone 'UTC'
          and r.taken_at < (k.day + 1)::timestamp at time zone 'UTC' and not r.deleted
        group by k.enclosure_id, k.place, k.kind, k.day
    ), gone as (
        delete from reading_day d using key k
        where d.enclosure_id = k.enclosure_id and d.place = k.place and d.kind = k.kind and d.day = k.day
          and not exists (select 1 from made m where m.enclosure_id = k.enclosure_id and m.place = k.place
                          and m.kind = k.kind and m.day = k.day)
    )
    insert into reading_day (enclosure_id, place, kind, day, count, low, low_at, high, high_at)
    select enclosure_id, place, kind, day, count, low, low_at, high, high_at from made
    on conflict (enclosure_id, place, kind, day) do update
        set count = excluded.count, low = excluded.low, low_at = excluded.low_at,
            high = excluded.high, high_at = excluded.high_at
$$;

create function reading_written() returns trigger
    language plpgsql as
$$
declare
    touched reading[];
begin
    if tg_op = 'INSERT' then
        select array_agg(n) into touched from new_rows n;
    else
        select array_agg(x) into touched from (select * from new_rows union all select * from old_rows) x;
    end if;
    if touched is not null then
        perform refresh_latest_readings(touched);
        perform refresh_reading_days(touched);
    end if;
    return null;
end
$$;
create trigger reading_inserted after insert on reading
    referencing new table as new_rows for each statement execute function reading_written();
create trigger reading_updated after update on reading
    referencing old table as old_rows new table as new_rows for each statement execute function reading_written();

insert into latest_reading (enclosure_id, place, kind, id, value, taken_at, version)
select distinct on (enclosure_id, place, kind) enclosure_id, place, kind, id, value, taken_at, version
from reading where not deleted
order by enclosure_id, place, kind, taken_at desc, id desc;

insert into reading_day (enclosure_id, place, kind, day, count, low, low_at, high, high_at)
select enclosure_id, place, kind, (taken_at at time zone 'UTC')::date, count(*)::integer,
       min(value), (array_agg(taken_at order by value, taken_at))[1],
       max(value), (array_agg(taken_at order by value desc, taken_at))[1]
from reading where not deleted
group by enclosure_id, place, kind, (taken_at at time zone 'UTC')::date;

-- every reference that something is deleted along has an index
create index reading_author on reading (author) where author is not null;
create index reading_change_enclosure on reading_change (enclosure_id);
create index design_revision_author on design_revision (author) where author is not null;
create index invitation_made_by on invitation (made_by);
create index invitation_used_by on invitation (used_by) where used_by is not null;
create index pending_edit_enclosure on pending_edit (enclosure_id);
create index event_author on event (author) where author is not null;
create index pending_import_enclosure on pending_import (enclosure_id);
create index pending_import_keeper on pending_import (keeper_id);
create index search_author on search (author);

-- a search belongs to the process that took it, for as long as that process says that it lives
alter table search
    add column owner        uuid,
    add column heartbeat_at timestamptz not null default now();
create index search_open on search (id) where state in ('waiting', 'running');
