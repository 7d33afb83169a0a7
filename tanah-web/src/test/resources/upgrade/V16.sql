insert into import_job (keeper_id, file_name, state, owner, done, total, answer) values (2, 'all.zip', 'done', gen_random_uuid(), 3, 3, '{"made": [1]}');
