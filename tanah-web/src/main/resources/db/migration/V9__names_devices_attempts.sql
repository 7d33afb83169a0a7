-- one key for all ways to write a name, and what it looks like; filled by the next step, which knows how
alter table keeper
    add column name_key  text,
    add column name_look text;

-- tries to sign in that were checked; who gets in is forgiven his own
drop table sign_in_failure;
create table sign_in_attempt (
    id       bigint generated always as identity primary key,
    name_key text        not null,
    address  text        not null,
    device   text,
    tried_at timestamptz not null
);
create index sign_in_attempt_name on sign_in_attempt (name_key, tried_at);
create index sign_in_attempt_address on sign_in_attempt (address, tried_at);
create index sign_in_attempt_time on sign_in_attempt (tried_at);

-- browsers that a keeper has signed in with, by the hash of what their cookie holds
create table known_device (
    keeper_id bigint      not null references keeper (id) on delete cascade,
    device    text        not null,
    seen_at   timestamptz not null,
    primary key (keeper_id, device)
);
