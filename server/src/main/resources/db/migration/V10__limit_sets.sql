create table limit_set (
    id          uuid primary key,
    practice_id uuid        not null references practice,
    revision    integer     not null,
    name        text        not null,
    limits      jsonb       not null,
    saved_at    timestamptz not null,
    saved_by    text        not null
);

create index limit_set_of_practice on limit_set (practice_id, name);

create table limit_set_state (
    id       uuid primary key,
    set_id   uuid        not null references limit_set,
    revision integer     not null,
    limits   jsonb       not null,
    saved_at timestamptz not null,
    saved_by text        not null,
    unique (set_id, revision)
);
