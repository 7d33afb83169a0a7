-- what is searched for is named by the program, of which every kind registers itself; the database only sees that it is a word
alter table search
    drop constraint search_subject_known,
    add constraint search_subject_word check (subject ~ '^[a-z]{1,40}$');
