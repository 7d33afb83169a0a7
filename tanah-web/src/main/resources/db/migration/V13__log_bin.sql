-- what is taken out of a log or changed in it stays for 30 days, with who did it
alter table reading_change
    add column author bigint references keeper (id) on delete set null;
create index reading_change_author on reading_change (author) where author is not null;

alter table event
    add column deleted_at timestamptz,
    add column deleted_by bigint references keeper (id) on delete set null;
update event set deleted_at = now() where deleted;
create index event_deleted on event (deleted_at) where deleted_at is not null;
create index event_deleted_by on event (deleted_by) where deleted_by is not null;

create table event_change (
    id          bigint generated always as identity primary key,
    event_id    bigint      not null references event (id) on delete cascade,
    kind        text        not null,
    note        text        not null,
    mass_g      numeric(9, 3),
    happened_at timestamptz not null,
    author      bigint      references keeper (id) on delete set null,
    changed_at  timestamptz not null default now()
);
create index event_change_event on event_change (event_id, id desc);
create index event_change_author on event_change (author) where author is not null;

alter table photo
    add column deleted_at timestamptz,
    add column deleted_by bigint references keeper (id) on delete set null;
create index photo_deleted on photo (deleted_at) where deleted_at is not null;
create index photo_deleted_by on photo (deleted_by) where deleted_by is not null;
