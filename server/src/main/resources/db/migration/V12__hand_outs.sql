-- How a practice presents itself on what it hands out.
create table letterhead (
    practice_id uuid primary key references practice (id),
    revision integer not null,
    body jsonb not null,
    saved_at timestamptz not null,
    saved_by text not null
);

create table handout_template (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    revision integer not null,
    name text not null,
    says jsonb not null,
    saved_at timestamptz not null,
    saved_by text not null
);

create index handout_template_of_practice on handout_template (practice_id, name);

-- What was handed out, with all that it was made from: it can be made again with the very same figures.
create table issued_handout (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    case_id uuid not null references case_file (id),
    case_revision integer not null,
    prepared_for text not null,
    issued_at timestamptz not null,
    issued_by text not null,
    program_version text not null,
    made_from jsonb not null,
    content jsonb not null
);

create index issued_handout_of_case on issued_handout (practice_id, case_id, issued_at);
