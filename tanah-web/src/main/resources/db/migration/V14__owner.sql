-- who runs the site: the first account that is not the demo's
alter table keeper
    add column owner boolean not null default false;
update keeper set owner = true where id = (select min(id) from keeper where not demo);
create unique index keeper_owner on keeper (owner) where owner;
