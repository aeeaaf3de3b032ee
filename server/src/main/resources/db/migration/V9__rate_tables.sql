create table rate_table (
    id          uuid primary key,
    practice_id uuid        not null references practice,
    revision    integer     not null,
    name        text        not null,
    rates       jsonb       not null,
    saved_at    timestamptz not null,
    saved_by    text        not null
);

create index rate_table_of_practice on rate_table (practice_id, name);
