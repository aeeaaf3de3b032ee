alter table practice add column market text not null default 'US';
