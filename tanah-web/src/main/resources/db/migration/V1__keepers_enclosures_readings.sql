create table keeper (
    id            bigint generated always as identity primary key,
    name          text        not null constraint keeper_name_length check (length(btrim(name)) between 2 and 60),
    password_hash text        not null,
    demo          boolean     not null default false,
    created_at    timestamptz not null default now()
);
create unique index keeper_name_key on keeper (lower(name));

create table enclosure (
    id         bigint generated always as identity primary key,
    keeper_id  bigint      not null references keeper (id) on delete cascade,
    name       text        not null constraint enclosure_name_length check (length(btrim(name)) between 1 and 80),
    revision   integer     not null default 1 constraint enclosure_revision_positive check (revision > 0),
    phase      text        not null default 'planning'
        constraint enclosure_phase_known check (phase in ('planning', 'kept')),
    position   integer     not null default 0,
    created_at timestamptz not null default now(),
    saved_at   timestamptz not null default now()
);
create index enclosure_keeper on enclosure (keeper_id, position, id);

create table design_revision (
    enclosure_id bigint      not null references enclosure (id) on delete cascade,
    revision     integer     not null constraint design_revision_positive check (revision > 0),
    format       integer     not null default 1,
    document     jsonb       not null,
    summary      text        not null constraint design_revision_summary check (length(summary) between 1 and 200),
    saved_at     timestamptz not null default now(),
    primary key (enclosure_id, revision)
);

-- readings are split by month; ensure_reading_month makes the month that is missing
create table reading (
    id           bigint generated always as identity,
    enclosure_id bigint           not null references enclosure (id) on delete cascade,
    place        text             not null constraint reading_place_length check (length(place) between 1 and 40),
    kind         text             not null constraint reading_kind_known
        check (kind in ('temp_air', 'temp_surface', 'temp_substrate', 'temp_water', 'rh')),
    value        double precision not null constraint reading_value_range check (value between -10 and 120),
    taken_at     timestamptz      not null,
    client_id    uuid             not null,
    version      integer          not null default 0,
    deleted      boolean          not null default false,
    recorded_at  timestamptz      not null default now(),
    primary key (id, taken_at),
    constraint reading_client unique (client_id, taken_at)
) partition by range (taken_at);
create index reading_lookup on reading (enclosure_id, place, kind, taken_at);

comment on column reading.value is 'degrees Celsius for temperatures, per cent for rh';

create function ensure_reading_month(at timestamptz) returns void
    language plpgsql as
$$
declare
    first date := date_trunc('month', at at time zone 'UTC')::date;
    part  text := 'reading_' || to_char(first, 'YYYY_MM');
begin
    if to_regclass(part) is null then
        perform pg_advisory_xact_lock(hashtext(part));
        execute format('create table if not exists %I partition of reading for values from (%L) to (%L)',
                       part, first::text || ' 00:00:00+00', (first + interval '1 month')::date::text || ' 00:00:00+00');
    end if;
end
$$;

-- what a reading was before it was changed, so that a change can be taken back
create table reading_change (
    id           bigint generated always as identity primary key,
    enclosure_id bigint           not null references enclosure (id) on delete cascade,
    reading_id   bigint           not null,
    place        text             not null,
    kind         text             not null,
    value        double precision not null,
    taken_at     timestamptz      not null,
    deleted      boolean          not null,
    changed_at   timestamptz      not null default now()
);
create index reading_change_reading on reading_change (reading_id, id desc);

create table sign_in_failure (
    id        bigint generated always as identity primary key,
    name      text        not null,
    address   text        not null,
    failed_at timestamptz not null default now()
);
create index sign_in_failure_name on sign_in_failure (name, failed_at);
create index sign_in_failure_address on sign_in_failure (address, failed_at);

create table setting (
    key   text primary key,
    value text not null
);

-- Spring Session JDBC, tables as that library defines them
create table spring_session (
    primary_id            char(36) not null constraint spring_session_pk primary key,
    session_id            char(36) not null,
    creation_time         bigint   not null,
    last_access_time      bigint   not null,
    max_inactive_interval int      not null,
    expiry_time           bigint   not null,
    principal_name        varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36)     not null references spring_session (primary_id) on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    bytea        not null,
    constraint spring_session_attributes_pk primary key (session_primary_id, attribute_name)
);
