insert into keeper (name, password_hash, demo) values ('demo', 'x', true), ('Early', '{bcrypt}y', false), ('Late ', 'z', false);
insert into enclosure (keeper_id, name, revision, phase) values (2, 'Frogs', 3, 'kept'), (3, 'Box', 1, 'planning');
insert into design_revision (enclosure_id, revision, document, summary) values
  (1, 1, '{"format": 1, "name": "Frogs", "note": "Zürich \\u2013 50 %"}', 'begun'),
  (1, 2, '{"format": 1, "name": "Frogs", "room": {}}', 'room'),
  (1, 3, '{"format": 1, "name": "Frogs", "room": {"a": 1.50}}', 'room again'),
  (2, 1, '{"format": 1, "name": "Box"}', 'begun');
select ensure_reading_month('2025-12-31T23:59:59Z'), ensure_reading_month('2026-01-01T00:00:00Z'), ensure_reading_month('2026-11-30T12:00:00Z');
insert into reading (enclosure_id, place, kind, value, taken_at, client_id, version, deleted) values
  (1, 'p-cool', 'temp_air', 21.25, '2025-12-31T23:59:59.999999Z', gen_random_uuid(), 0, false),
  (1, 'p-cool', 'temp_air', 20.125, '2026-01-01T00:00:00Z', gen_random_uuid(), 2, false),
  (1, 'p-cool', 'temp_air', 99, '2026-11-30T12:00:00Z', gen_random_uuid(), 0, true),
  (1, 'whole', 'rh', 80, '2026-11-30T12:00:00Z', gen_random_uuid(), 0, false),
  (2, 'p-cool', 'temp_water', 18, '2026-11-30T12:00:00Z', gen_random_uuid(), 0, false);
insert into reading_change (enclosure_id, reading_id, place, kind, value, taken_at, deleted)
  select 1, id, place, kind, 19, taken_at, false from reading where version = 2;
insert into sign_in_failure (name, address) values ('early', '192.0.2.1');
insert into setting values ('demo', 'yes');
insert into spring_session values ('a', 'b', 1, 2, 3, 4, 'Early');
insert into spring_session_attributes values ('a', 'k', '\x01');
