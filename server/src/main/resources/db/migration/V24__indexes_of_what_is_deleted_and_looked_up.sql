-- What goes with a case, an advisor or what an entry of the log is of, is found without reading whole tables.
create index issued_handout_by_case on issued_handout (case_id);
create index client_link_by_case on client_link (case_id);
create index client_note_by_case on client_note (case_id);
create index case_file_by_advisor on case_file (advisor_id);
create index audit_entry_by_subject on audit_entry (subject_id);
create index case_day_by_day on case_day (day);

-- Cases that are behind their practice's rules are asked for every some seconds.
create index case_file_by_rules on case_file (practice_id, rules_revision) where deleted_at is null;
