-- Which rows a practice compares options by; none where it has not chosen.
alter table practice add column option_rows jsonb;
