-- Where db-scheduler keeps when each job is due, and who does it; as it asks for it.
create table scheduled_tasks (
    task_name text not null,
    task_instance text not null,
    task_data bytea,
    execution_time timestamptz not null,
    picked boolean not null,
    picked_by text,
    last_success timestamptz,
    last_failure timestamptz,
    consecutive_failures integer,
    last_heartbeat timestamptz,
    version bigint not null,
    priority smallint,
    primary key (task_name, task_instance)
);
create index scheduled_tasks_by_time on scheduled_tasks (execution_time);
create index scheduled_tasks_by_heartbeat on scheduled_tasks (last_heartbeat);

-- What came of each job when it was done last.
create table job_run (
    name text primary key,
    began_at timestamptz not null,
    took_ms bigint not null,
    failure text
);
