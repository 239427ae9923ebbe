-- What wearers say before they are painted. Apart from the face, without earlier versions, and only until its day: what is deleted is gone.
create table wearer_card (
    studio_id text not null references studio (id),
    face_id   text not null check (length(face_id) between 1 and 80),
    revision  integer not null check (revision >= 1),
    body      jsonb not null,
    delete_on date not null,
    primary key (studio_id, face_id)
);
create index wearer_card_by_day on wearer_card (studio_id, delete_on);
alter table wearer_card enable row level security;
alter table wearer_card force row level security;
create policy of_studio on wearer_card using (studio_id = current_setting('datura.studio', true));
