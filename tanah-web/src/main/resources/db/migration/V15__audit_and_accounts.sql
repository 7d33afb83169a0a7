-- what was done at the door, with accounts and with roles; written once, never changed, kept for 400 days
create table audit (
    id        bigint generated always as identity primary key,
    at        timestamptz not null default now(),
    kind      text        not null constraint audit_kind check (length(kind) between 1 and 40),
    keeper_id bigint, -- no reference: a line outlives its keeper
    who       text        not null,
    subject   text        not null default '',
    address   text        not null default ''
);
create index audit_at on audit (at);

create function audit_stays() returns trigger
    language plpgsql as
$$
begin
    if tg_op = 'DELETE' then
        if old.at < now() - interval '400 days' then
            return old;
        end if;
    end if;
    raise exception 'the record is not changed' using errcode = '42501';
end
$$;
create trigger audit_stays before update or delete on audit for each row execute function audit_stays();
create trigger audit_stays_whole before truncate on audit for each statement execute function audit_stays();

-- a keeper who goes has 30 days to return; taken out by the owner of the site he cannot return by himself
alter table keeper
    add column leaves_at  timestamptz,
    add column taken_out  boolean not null default false;
create index keeper_leaves on keeper (leaves_at) where leaves_at is not null;

-- links of the owner of the site: to register, or to choose a new password; only a hash of the secret is kept
create table site_link (
    id          bigint generated always as identity primary key,
    purpose     text        not null constraint site_link_purpose check (purpose in ('register', 'reset')),
    secret_hash text        not null constraint site_link_secret unique,
    keeper_id   bigint      references keeper (id) on delete cascade,
    made_at     timestamptz not null default now(),
    expires_at  timestamptz not null,
    used_at     timestamptz,
    constraint site_link_for check ((purpose = 'reset') = (keeper_id is not null))
);
create index site_link_keeper on site_link (keeper_id) where keeper_id is not null;
