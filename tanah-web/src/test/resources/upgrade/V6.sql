insert into event (enclosure_id, kind, happened_at, client_id, author) values (1, 'moved_in', '2026-11-30T09:00:00Z', gen_random_uuid(), 2);
