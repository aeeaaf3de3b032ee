-- What a list shows lies in columns, so that no document is read for one.
alter table case_file add column currency text;
update case_file set currency = document ->> 'currency';
alter table case_file alter column currency set not null;

-- Searches find any part of a title or a client's name: trigrams serve those, where a prefix index would not.
create extension if not exists pg_trgm;
create index case_file_title on case_file using gin (lower(title) gin_trgm_ops);
create index case_file_clients on case_file using gin (lower(clients) gin_trgm_ops);
