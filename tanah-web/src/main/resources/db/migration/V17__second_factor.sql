-- a second factor by time (RFC 6238), if its keeper wants one; a code is good once
create table second_factor (
    keeper_id bigint      primary key references keeper (id) on delete cascade,
    secret    bytea       not null,
    last_step bigint      not null,
    since     timestamptz not null default now()
);
-- for a lost phone; each good once
create table recovery_code (
    keeper_id bigint not null references second_factor (keeper_id) on delete cascade,
    code_hash text   not null,
    primary key (keeper_id, code_hash)
);
