-- A state may be called by name, and is then kept for good. One that gave way to a colleague's is kept beside the others.
alter table case_state add column name text;
alter table case_state add column gave_way boolean not null default false;
alter table case_state drop constraint case_state_case_id_revision_key;
create unique index case_state_of_case on case_state (case_id, revision) where not gave_way;
create index case_state_latest on case_state (case_id, saved_at desc, revision desc);
