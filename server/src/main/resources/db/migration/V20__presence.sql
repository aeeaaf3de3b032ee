-- Who has a case open, told by each instance for those it serves: a row that is not renewed is of somebody who went.
create table case_viewer (
    id         uuid        primary key,
    case_id    uuid        not null references case_file on delete cascade,
    advisor_id uuid        not null references advisor,
    seen_at    timestamptz not null
);
create index case_viewer_of_case on case_viewer (case_id, seen_at);
