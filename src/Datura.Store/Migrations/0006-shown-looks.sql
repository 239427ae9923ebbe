-- How a look is seen on a face: drawn once and kept. All of it can be reckoned anew, so it is no document and has no revisions.
create table shown_look (
    studio_id  text not null references studio (id),
    look_id    text not null,
    face_id    text not null,
    kit_id     text not null,
    setting_id text not null,
    -- A hash of everything that went into it.
    key        text not null check (length(key) = 64),
    facts      jsonb not null,
    picture    bytea not null,
    made_at    timestamptz not null default now(),
    primary key (studio_id, face_id, kit_id, setting_id, look_id)
);
alter table shown_look enable row level security;
alter table shown_look force row level security;
create policy of_studio on shown_look using (studio_id = current_setting('datura.studio', true));
