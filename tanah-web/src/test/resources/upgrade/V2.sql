update keeper set settings = '{"language": "de"}', settings_version = 1 where id = 2;
insert into enclosure_member (enclosure_id, keeper_id, role) values (1, 3, 'assistant');
insert into invitation (enclosure_id, role, secret_hash, made_by, expires_at, used_by, used_at)
  values (1, 'assistant', 'h1', 2, '2026-12-24T00:00:00Z', 3, '2026-11-30T00:00:00Z'), (1, 'reader', 'h2', 2, '2026-12-24T00:00:00Z', null, null);
insert into design_revision (enclosure_id, revision, document, summary, author, before_revision, redo_revision)
  values (1, 4, '{"format": 1, "name": "Frogs"}', 'taken back', 3, 1, 3);
update enclosure set revision = 4 where id = 1;
insert into enclosure (keeper_id, name, deleted_at, archived_at) values (2, 'Gone', '2026-11-29T00:00:00Z', '2026-11-28T00:00:00Z');
insert into design_revision (enclosure_id, revision, document, summary, author) values (3, 1, '{"format": 1, "name": "Gone"}', 'begun', 2);
insert into pending_edit (enclosure_id, keeper_id, base_revision, document, summary) values (1, 3, 2, '{"format": 1}', 'collided');
