insert into own_entry (keeper_id, kind, entry_id, entry, reason) values (2, 'heaters', 'own-mat', '{"power_w": 8}', '');
