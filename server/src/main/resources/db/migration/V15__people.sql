-- An owner decides for the practice and who works in it; an advisor works on cases. Until now everybody could do everything, and
-- nobody is to lose that.
alter table advisor add column role text not null default 'OWNER';
alter table advisor alter column role drop default;
create index advisor_of_practice on advisor (practice_id);

-- Someone invited has chosen no password yet; someone who left signs in no more, and what they did keeps their name.
alter table advisor alter column password_hash drop not null;
alter table advisor add column left_at timestamptz;

-- What an app that tells codes shares with us; the step of time whose code was used last is used by no one again.
alter table advisor add column code_secret text;
alter table advisor add column code_proposed text;
alter table advisor add column code_step bigint;

-- Codes for who lost that app, each good for once.
create table recovery_code (
    advisor_id uuid not null references advisor (id),
    hash bytea not null,
    primary key (advisor_id, hash)
);

-- A link by which somebody chooses their password, once; each has at most one. The key is known to its link alone.
create table password_link (
    advisor_id uuid primary key references advisor (id),
    practice_id uuid not null references practice (id),
    key_hash bytea not null unique,
    ends_at timestamptz not null
);

-- What lets somebody set up a practice, once. The launcher puts it here, and tells the code.
create table setup_code (
    hash bytea primary key,
    ends_at timestamptz not null
);

-- What the simulated mail box would have sent.
create table sent_mail (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    receiver text not null,
    subject text not null,
    words text not null,
    sent_at timestamptz not null
);

create index sent_mail_latest on sent_mail (practice_id, sent_at desc);
