insert into second_factor (keeper_id, secret, last_step) values (2, '\x0102', 7);
insert into recovery_code values (2, 'c1');
