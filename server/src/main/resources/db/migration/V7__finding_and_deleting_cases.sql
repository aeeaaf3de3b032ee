-- Words are found in any order, and without their accents: what searches look in is kept beside the case.
alter table case_file add column search_text text generated always as (
    lower(regexp_replace(normalize(title || ' ' || clients, NFD), '[\u0300-\u036f]', '', 'g'))
) stored;
drop index case_file_title;
drop index case_file_clients;
create index case_file_search on case_file using gin (search_text gin_trgm_ops);

-- What was deleted can be had back.
alter table case_file add column deleted_at timestamptz;
drop index case_file_latest;
create index case_file_latest on case_file (practice_id, saved_at desc, id) where deleted_at is null;
