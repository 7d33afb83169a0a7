-- more than one thing is searched for: equipment, and plantings; what was asked of a search, and what it says while it runs
alter table search
    add column subject text not null default 'equipment'
        constraint search_subject_known check (subject in ('equipment', 'planting')),
    add column asked text not null default '',
    add column said text not null default '';
drop index search_one_at_a_time;
create unique index search_one_at_a_time on search (enclosure_id, subject) where state in ('waiting', 'running');
drop index search_of_enclosure;
create index search_of_enclosure on search (enclosure_id, subject, id desc);
