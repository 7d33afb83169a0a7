-- how often a search was begun by a process that then fell silent: some times it waits again, then it has failed
alter table search add column tries integer not null default 0;
