-- Who may do what. An account is a person's way in; what it may do in a studio says its membership there.
create table account (
    id                uuid primary key,
    name              text not null check (length(name) between 1 and 80),
    sign_in_name      text not null unique check (length(sign_in_name) between 1 and 80),
    mail              text check (length(mail) <= 254),
    mail_key          text unique,
    password_hash     text,
    security_stamp    text not null,
    concurrency_stamp text not null,
    second_factor     boolean not null default false,
    authenticator_key text,
    recovery_codes    text not null default '',
    last_code         text,
    failed_count      integer not null default 0,
    locked_until      timestamptz,
    created_at        timestamptz not null default now()
);

create table membership (
    studio_id  text not null references studio (id),
    account_id uuid not null references account (id) on delete cascade,
    role       text not null check (role in ('owner', 'painter', 'helper')),
    since      timestamptz not null default now(),
    primary key (studio_id, account_id)
);
create index membership_by_account on membership (account_id);

create table passkey (
    credential_id bytea primary key,
    account_id    uuid not null references account (id) on delete cascade,
    data          jsonb not null
);
create index passkey_by_account on passkey (account_id);

-- Links that work once: only what they hash to is kept.
create table one_time_link (
    token_hash bytea primary key,
    purpose    text not null check (purpose in ('join', 'reset')),
    studio_id  text references studio (id),
    role       text check (role in ('owner', 'painter', 'helper')),
    account_id uuid references account (id) on delete cascade,
    expires_at timestamptz not null,
    check (purpose = 'join' and studio_id is not null and role is not null or purpose = 'reset' and account_id is not null)
);

-- A guest sees one look on one face and nothing else.
create table guest_link (
    id         uuid primary key,
    token_hash bytea not null unique,
    studio_id  text not null references studio (id),
    look_id    text not null,
    face_id    text not null,
    kit_id     text not null,
    setting_id text not null,
    made_at    timestamptz not null default now(),
    expires_at timestamptz not null
);

create table session (
    key_hash   bytea primary key,
    handle     uuid not null unique,
    account_id uuid references account (id) on delete cascade,
    studio_id  text references studio (id),
    guest_link uuid references guest_link (id) on delete cascade,
    ticket     bytea not null,
    agent      text not null check (length(agent) <= 300),
    created_at timestamptz not null default now(),
    seen_at    timestamptz not null default now(),
    expires_at timestamptz not null
);
create index session_by_account on session (account_id);

-- Keys by which any copy of the service reads what another one sealed.
create table key_ring (
    name text primary key,
    xml  text not null
);

-- Who changed what when. By ids only, so that nothing of a person is left in it.
create table audit (
    number     bigint generated always as identity primary key,
    studio_id  text not null references studio (id),
    account_id uuid,
    at         timestamptz not null default now(),
    action     text not null check (length(action) between 1 and 40),
    kind       text,
    id         text,
    revision   integer
);
create index audit_by_studio on audit (studio_id, number desc);

-- The second wall: whatever a query asks for, it sees and writes the rows of its own studio only.
alter table document enable row level security;
alter table document force row level security;
create policy of_studio on document using (studio_id = current_setting('datura.studio', true));
alter table document_revision enable row level security;
alter table document_revision force row level security;
create policy of_studio on document_revision using (studio_id = current_setting('datura.studio', true));
alter table audit enable row level security;
alter table audit force row level security;
create policy of_studio on audit using (studio_id = current_setting('datura.studio', true));
