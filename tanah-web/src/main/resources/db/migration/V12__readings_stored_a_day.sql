-- readings that each keeper stored, by the day of storing: what bounds the work of one
create table readings_stored (
    keeper_id bigint not null references keeper (id) on delete cascade,
    day       date   not null,
    count     bigint not null,
    primary key (keeper_id, day)
);
