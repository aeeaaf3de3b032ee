alter table practice add column time_zone text not null default 'UTC';
