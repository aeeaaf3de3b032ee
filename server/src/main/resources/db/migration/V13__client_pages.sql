-- Pages that clients open without signing in. The key that opens one is known to its link alone: kept is what it hashes to.
create table client_link (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    case_id uuid not null references case_file (id),
    revision integer not null,
    case_revision integer not null,
    key_hash bytea not null unique,
    word_hash bytea,
    ends_on date not null,
    ended_at timestamptz,
    made_at timestamptz not null,
    made_by text not null,
    made_from jsonb not null,
    content jsonb not null,
    visits integer not null,
    first_opened_at timestamptz,
    last_opened_at timestamptz,
    wrong_words integer not null,
    wrong_since timestamptz
);

create index client_link_of_case on client_link (practice_id, case_id, made_at);

-- What clients write back from their pages.
create table client_note (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    link_id uuid not null references client_link (id),
    case_id uuid not null references case_file (id),
    words text not null,
    changes jsonb not null,
    sent_at timestamptz not null,
    seen_at timestamptz
);

create index client_note_of_link on client_note (link_id, sent_at);
create index client_note_unseen on client_note (practice_id, sent_at) where seen_at is null;
