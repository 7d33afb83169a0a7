insert into event_change (event_id, kind, note, happened_at, author) values (1, 'weighed', 'before', '2026-11-30T10:00:00Z', 3);
update photo set deleted_at = '2026-11-30T13:00:00Z', deleted_by = 2 where id = 1;
