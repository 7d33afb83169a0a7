-- what a keeper sees in numbers and words; an empty object is every default
alter table keeper
    add column settings jsonb not null default '{}',
    add column settings_version integer not null default 0;

-- who else may see or change an enclosure; its keeper is its owner
create table enclosure_member (
    enclosure_id bigint      not null references enclosure (id) on delete cascade,
    keeper_id    bigint      not null references keeper (id) on delete cascade,
    role         text        not null constraint enclosure_member_role check (role in ('keeper', 'assistant', 'reader')),
    since        timestamptz not null default now(),
    primary key (enclosure_id, keeper_id)
);
create index enclosure_member_keeper on enclosure_member (keeper_id);

-- one row for each enclosure that a keeper may see; grade 1 reads, 2 takes readings, 3 changes the plan, 4 owns it
create view enclosure_access as
    select e.id as enclosure_id, e.keeper_id, 'owner'::text as role, 4 as grade
    from enclosure e
    union all
    select m.enclosure_id, m.keeper_id, m.role, case m.role when 'keeper' then 3 when 'assistant' then 2 else 1 end
    from enclosure_member m;

-- a link that lets somebody in; only a hash of its secret is kept
create table invitation (
    id           bigint generated always as identity primary key,
    enclosure_id bigint      not null references enclosure (id) on delete cascade,
    role         text        not null constraint invitation_role check (role in ('keeper', 'assistant', 'reader')),
    secret_hash  text        not null constraint invitation_secret unique,
    made_by      bigint      not null references keeper (id) on delete cascade,
    expires_at   timestamptz not null,
    used_by      bigint      references keeper (id) on delete set null,
    used_at      timestamptz,
    revoked_at   timestamptz,
    made_at      timestamptz not null default now()
);
create index invitation_enclosure on invitation (enclosure_id);

alter table enclosure
    add column archived_at timestamptz,
    add column deleted_at  timestamptz;
create index enclosure_deleted on enclosure (deleted_at) where deleted_at is not null;

-- undo leads to the revision before, redo to the one that was undone; both by making a new revision
alter table design_revision
    add column author          bigint references keeper (id) on delete set null,
    add column before_revision integer,
    add column redo_revision   integer;
update design_revision set before_revision = revision - 1 where revision > 1;
update design_revision r set author = e.keeper_id from enclosure e where e.id = r.enclosure_id;

-- a save that collided with another, kept until its keeper has decided
create table pending_edit (
    id            bigint generated always as identity primary key,
    enclosure_id  bigint      not null references enclosure (id) on delete cascade,
    keeper_id     bigint      not null references keeper (id) on delete cascade,
    base_revision integer     not null,
    document      jsonb       not null,
    summary       text        not null,
    made_at       timestamptz not null default now()
);
create index pending_edit_keeper on pending_edit (keeper_id, enclosure_id);
