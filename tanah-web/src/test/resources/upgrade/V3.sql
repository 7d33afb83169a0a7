insert into own_entry (keeper_id, kind, entry_id, base_id, entry, reason) values (2, 'animals', 'own-frog', 'frog', '{"limit_high_c": 26.5}', 'my records');
insert into stock_item (keeper_id, name, class, length_cm, mass_kg, origin, condition) values (2, 'Slate', 'stone', 30.5, 4.125, 'found', 'raw');
