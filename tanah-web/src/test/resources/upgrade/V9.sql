insert into sign_in_attempt (name_key, address, device, tried_at) values ('early', '192.0.2.1', 'd', '2026-11-30T09:00:00Z');
insert into known_device values (2, 'd', '2026-11-30T09:00:00Z');
