-- By name alone, one's own save from another tab could not be told from a namesake's.
alter table case_file add column saved_by_id uuid references advisor (id);
