insert into audit (kind, keeper_id, who, subject, address) values ('signed_in', 2, 'Early', '', '192.0.2.1');
update keeper set leaves_at = '2026-12-30T00:00:00Z', taken_out = true where id = 3;
insert into site_link (purpose, secret_hash, keeper_id, expires_at) values ('reset', 's1', 3, '2026-12-02T00:00:00Z');
