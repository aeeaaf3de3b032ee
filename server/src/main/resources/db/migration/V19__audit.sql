-- Who did what, told by ids: what is erased leaves no name behind. What somebody does again within minutes is one entry.
create table audit_entry (
    id          uuid        primary key,
    practice_id uuid        not null references practice,
    first_at    timestamptz not null,
    last_at     timestamptz not null,
    times       integer     not null,
    advisor_id  uuid        not null references advisor,
    action      text        not null,
    kind        text        not null,
    subject_id  uuid,
    note        text        not null
);
create index audit_entry_latest on audit_entry (practice_id, last_at desc, id);
create index audit_entry_of on audit_entry (practice_id, advisor_id, action, last_at);
