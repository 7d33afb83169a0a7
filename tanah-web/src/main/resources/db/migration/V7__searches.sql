-- searches for equipment: one runs behind the pages at a time, its answer stays until the next
create table search (
    id           bigint generated always as identity primary key,
    enclosure_id bigint      not null references enclosure (id) on delete cascade,
    author       bigint      not null references keeper (id) on delete cascade,
    base         integer     not null constraint search_base_positive check (base > 0),
    state        text        not null default 'waiting'
        constraint search_state_known check (state in ('waiting', 'running', 'done', 'stopped', 'failed')),
    progress     integer     not null default 0 constraint search_progress_share check (progress between 0 and 100),
    answer       text,
    begun_at     timestamptz not null default now()
);
create index search_of_enclosure on search (enclosure_id, id desc);
-- two tabs cannot start two searches of the same enclosure
create unique index search_one_at_a_time on search (enclosure_id) where state in ('waiting', 'running');
