-- As words are compared: small letters without accents, one space between two.
create function plain_words(words text) returns text immutable strict parallel safe language sql as $$
    select lower(trim(regexp_replace(regexp_replace(normalize(words, NFD), '[\u0300-\u036f]', '', 'g'), '\s+', ' ', 'g')))
$$;

-- Whom a practice works for: one person, or a household.
create table client (
    id          uuid        primary key,
    practice_id uuid        not null references practice,
    revision    integer     not null,
    name        text        not null,
    email       text        not null,
    phone       text        not null,
    address     text        not null,
    notes       text        not null,
    saved_at    timestamptz not null,
    saved_by    text        not null,
    plain_name  text        generated always as (plain_words(name)) stored,
    digits      text        generated always as (regexp_replace(phone, '[^0-9]', '', 'g')) stored,
    search_text text        generated always as (
        plain_words(name || ' ' || email || ' ' || address) || ' ' || regexp_replace(phone, '[^0-9]', '', 'g')
    ) stored
);
create index client_by_name on client (practice_id, plain_name);
create index client_search on client using gin (search_text gin_trgm_ops);

create table case_client (
    case_id   uuid not null references case_file on delete cascade,
    client_id uuid not null references client on delete cascade,
    primary key (case_id, client_id)
);
create index case_client_by_client on case_client (client_id);

insert into client (id, practice_id, revision, name, email, phone, address, notes, saved_at, saved_by)
select gen_random_uuid(), practice_id, 0, min(clients), '', '', '', '', min(saved_at), min(saved_by)
from case_file where trim(clients) <> '' group by practice_id, plain_words(clients);
insert into case_client
select f.id, c.id from case_file f
join client c on c.practice_id = f.practice_id and c.plain_name = plain_words(f.clients);

-- Whose case it is, and where it lies: open, put away, or one that others begin from.
alter table case_file add column advisor_id uuid references advisor;
alter table case_file add column archived_at timestamptz;
alter table case_file add column is_template boolean not null default false;
update case_file set advisor_id = saved_by_id;
create index case_file_deleted on case_file (deleted_at) where deleted_at is not null;

-- What lists tell of a case that follows from its document and the practice's rules: it is behind where its count
-- of their changes is another than the practice's.
alter table practice add column rules_revision integer not null default 0;
alter table case_file add column rules_revision integer;
alter table case_file add column limit_sets integer;
alter table case_file add column limit_sets_met integer;
create table case_day (
    case_id uuid not null references case_file on delete cascade,
    kind    text not null,
    day     date not null,
    primary key (case_id, kind)
);

-- What goes for good takes all with it that was made of it.
alter table case_state drop constraint case_state_case_id_fkey,
    add foreign key (case_id) references case_file on delete cascade;
alter table issued_handout drop constraint issued_handout_case_id_fkey,
    add foreign key (case_id) references case_file on delete cascade;
alter table client_link drop constraint client_link_case_id_fkey,
    add foreign key (case_id) references case_file on delete cascade;
alter table client_note drop constraint client_note_case_id_fkey,
    add foreign key (case_id) references case_file on delete cascade;
alter table client_note drop constraint client_note_link_id_fkey,
    add foreign key (link_id) references client_link on delete cascade;
