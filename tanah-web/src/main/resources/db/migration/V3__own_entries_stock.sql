-- a keeper's own entries of the catalogue; designs carry copies of those that they use
create table own_entry (
    id         bigint generated always as identity primary key,
    keeper_id  bigint      not null references keeper (id) on delete cascade,
    kind       text        not null constraint own_entry_kind check (kind in ('animals', 'vessels', 'media', 'mixes')),
    entry_id   text        not null constraint own_entry_id check (entry_id ~ '^own-[a-z0-9_-]{1,80}$'),
    base_id    text,
    entry      jsonb       not null,
    reason     text        not null constraint own_entry_reason check (length(reason) <= 400),
    version    integer     not null default 0,
    saved_at   timestamptz not null default now(),
    deleted_at timestamptz
);
create unique index own_entry_key on own_entry (keeper_id, kind, entry_id) where deleted_at is null;

-- what a keeper has lying about: stones, wood, cork, left-over bags
create table stock_item (
    id          bigint generated always as identity primary key,
    keeper_id   bigint        not null references keeper (id) on delete cascade,
    name        text          not null constraint stock_item_name check (length(btrim(name)) between 1 and 80),
    class       text          not null constraint stock_item_class check (class in ('stone', 'wood', 'cork', 'foam', 'loose', 'other')),
    media       text,
    length_cm   numeric(6, 1) constraint stock_item_length check (length_cm between 0.1 and 400),
    width_cm    numeric(6, 1) constraint stock_item_width check (width_cm between 0.1 and 400),
    height_cm   numeric(6, 1) constraint stock_item_height check (height_cm between 0.1 and 400),
    mass_kg     numeric(8, 3) constraint stock_item_mass check (mass_kg between 0.001 and 5000),
    volume_l    numeric(8, 3) constraint stock_item_volume check (volume_l between 0.001 and 5000),
    origin      text          not null constraint stock_item_origin check (origin in ('bought', 'found', 'used', 'unknown')),
    condition   text          not null constraint stock_item_condition check (condition in ('raw', 'cleaned', 'ready')),
    note        text          not null default '' constraint stock_item_note check (length(note) <= 400),
    prepared_at timestamptz,
    version     integer       not null default 0,
    deleted_at  timestamptz,
    made_at     timestamptz   not null default now()
);
create index stock_item_keeper on stock_item (keeper_id, id);
