-- what proves that an enclosure is ready: doses of ammonia, signs of life in the ground, the day of moving in
alter table event drop constraint event_kind,
    add constraint event_kind check (kind in
        ('fed', 'misted', 'cleaned', 'shed', 'moult', 'weighed', 'seen', 'died', 'planted', 'note',
         'moved_in', 'dosed', 'new_mould', 'springtails'));
