-- archives that are being read in, each by the process that holds its file
create table import_job (
    id        bigint generated always as identity primary key,
    keeper_id bigint      not null references keeper (id) on delete cascade,
    file_name text        not null,
    state     text        not null default 'running' constraint import_job_state
        check (state in ('running', 'done', 'refused', 'stopped', 'broken')),
    owner     uuid        not null,
    done      integer     not null default 0,
    total     integer     not null default 0,
    answer    text        not null default '',
    begun_at  timestamptz not null default now(),
    beat_at   timestamptz not null default now()
);
create unique index import_job_one on import_job (keeper_id) where state = 'running';
create index import_job_keeper on import_job (keeper_id, id);
