-- Own entries of heaters and water gear, and of kinds that are still to come; which kinds there are is the program's to say.
alter table own_entry
    drop constraint own_entry_kind,
    add constraint own_entry_kind check (kind ~ '^[a-z]{3,20}$');
