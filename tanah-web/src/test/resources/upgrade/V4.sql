insert into reading (enclosure_id, place, kind, value, taken_at, client_id, author)
  values (1, 'p-pool', 'ph', 6.8, '2026-11-30T12:30:00Z', gen_random_uuid(), 3);
insert into place_code values ('abcd23', 1, 'p-cool');
insert into event (enclosure_id, kind, note, mass_g, happened_at, client_id, author, deleted) values
  (1, 'weighed', 'by the kitchen scale', 12.5, '2026-11-30T10:00:00Z', gen_random_uuid(), 3, false),
  (1, 'note', 'a mistake', null, '2026-11-30T11:00:00Z', gen_random_uuid(), 2, true);
insert into photo (event_id, width, height, bytes) values (1, 640, 480, 3);
insert into photo_content values (1, 'full', '\xffd8ff'), (1, 'small', '\xffd8');
insert into pending_import (enclosure_id, keeper_id, name, content) values (1, 2, 'r.csv', 'time,place');
