insert into readings_stored values (2, '2026-11-30', 5);
