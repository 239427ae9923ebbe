-- What happened in the chair, event by event: never changed, sent as often as it takes, kept once. They go with their entry of the book.
create table chair_event (
    studio_id   text not null references studio (id),
    painting_id text not null check (length(painting_id) between 1 and 80),
    id          text not null check (length(id) between 1 and 60),
    body        jsonb not null,
    arrived_at  timestamptz not null default now(),
    primary key (studio_id, painting_id, id)
);
alter table chair_event enable row level security;
alter table chair_event force row level security;
create policy of_studio on chair_event using (studio_id = current_setting('datura.studio', true));
