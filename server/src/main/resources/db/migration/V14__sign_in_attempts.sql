-- Attempts to sign in within a while: by account and address, by address alone (no account), by account alone (no address). An account
-- is kept as what its email hashes to, since what is typed there may be anything.
create table sign_in_attempt (
    account text not null,
    address text not null,
    attempts integer not null,
    since timestamptz not null,
    primary key (account, address)
);

create index sign_in_attempt_since on sign_in_attempt (since);

-- Where an account has signed in from.
create table sign_in_address (
    account text not null,
    address text not null,
    last_at timestamptz not null,
    primary key (account, address)
);
