insert into search (enclosure_id, author, base, state, progress, answer) values
  (1, 2, 3, 'done', 100, '{"options": []}'), (1, 2, 4, 'running', 40, null), (2, 3, 1, 'waiting', 0, null);
