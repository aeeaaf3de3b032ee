create table practice (
    id   uuid primary key,
    name text not null
);

create table advisor (
    id            uuid primary key,
    practice_id   uuid not null references practice,
    name          text not null,
    email         text not null unique,
    password_hash text not null
);

create table case_file (
    id                 uuid primary key,
    practice_id        uuid        not null references practice,
    revision           integer     not null,
    title              text        not null,
    clients            text        not null,
    monthly_cost_cents bigint      not null,
    payoff_date        date        not null,
    document           jsonb       not null,
    saved_at           timestamptz not null,
    saved_by           text        not null
);

create index case_file_latest on case_file (practice_id, saved_at desc);

create table case_state (
    id       uuid primary key,
    case_id  uuid        not null references case_file,
    revision integer     not null,
    document jsonb       not null,
    saved_at timestamptz not null,
    saved_by text        not null,
    unique (case_id, revision)
);
