-- Photos of sessions: of a person, so without history, and gone with their entry of the book.
create table session_photo (
    studio_id   text not null references studio (id),
    painting_id text not null check (length(painting_id) between 1 and 80),
    id          text not null check (length(id) between 1 and 60),
    taken_at    timestamptz not null,
    picture     bytea not null,
    primary key (studio_id, painting_id, id)
);
alter table session_photo enable row level security;
alter table session_photo force row level security;
create policy of_studio on session_photo using (studio_id = current_setting('datura.studio', true));
