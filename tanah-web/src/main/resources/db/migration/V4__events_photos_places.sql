-- all kinds of readings; their ranges are the catalogue's
alter table reading
    drop constraint reading_kind_known,
    drop constraint reading_value_range,
    add constraint reading_kind_form check (kind ~ '^[a-z][a-z0-9_]{1,29}$'),
    add constraint reading_value_range check (value between -1000000 and 1000000),
    add column author bigint references keeper (id) on delete set null;
comment on column reading.value is 'in the unit of the kind in reading-kinds.csv';

-- short codes on labels at the enclosure
create table place_code (
    code         text        primary key constraint place_code_form check (code ~ '^[a-z2-9]{6}$'),
    enclosure_id bigint      not null references enclosure (id) on delete cascade,
    place        text        not null constraint place_code_place check (length(place) between 1 and 40),
    made_at      timestamptz not null default now(),
    constraint place_code_once unique (enclosure_id, place)
);

create table event (
    id           bigint generated always as identity primary key,
    enclosure_id bigint      not null references enclosure (id) on delete cascade,
    kind         text        not null constraint event_kind check (kind in
        ('fed', 'misted', 'cleaned', 'shed', 'moult', 'weighed', 'seen', 'died', 'planted', 'note')),
    note         text        not null default '' constraint event_note check (length(note) <= 2000),
    mass_g       numeric(9, 3) constraint event_mass check (mass_g between 0.001 and 60000),
    happened_at  timestamptz not null,
    client_id    uuid        not null constraint event_client unique,
    author       bigint      references keeper (id) on delete set null,
    version      integer     not null default 0,
    deleted      boolean     not null default false,
    recorded_at  timestamptz not null default now()
);
create index event_lookup on event (enclosure_id, happened_at desc);

create table photo (
    id         bigint generated always as identity primary key,
    event_id   bigint      not null references event (id) on delete cascade,
    width      integer     not null,
    height     integer     not null,
    bytes      integer     not null,
    made_at    timestamptz not null default now()
);
create index photo_event on photo (event_id);

-- the pictures themselves stand apart, so that no list ever reads them
create table photo_content (
    photo_id bigint not null references photo (id) on delete cascade,
    size     text   not null constraint photo_content_size check (size in ('full', 'small')),
    jpeg     bytea  not null,
    primary key (photo_id, size)
);
alter table photo_content alter column jpeg set storage external;

-- a file of readings between its preview and its taking in
create table pending_import (
    id           bigint generated always as identity primary key,
    enclosure_id bigint      not null references enclosure (id) on delete cascade,
    keeper_id    bigint      not null references keeper (id) on delete cascade,
    name         text        not null,
    content      text        not null,
    made_at      timestamptz not null default now()
);
