-- Each backup that was made, or failed, and what was said of it.
create table backup_run (
    finished_at timestamptz primary key,
    succeeded boolean not null,
    said text not null
);
