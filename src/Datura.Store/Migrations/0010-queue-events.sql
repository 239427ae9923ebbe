-- What happened at a booth's queue, event by event: never changed, sent as often as it takes, kept once. They go with their day.
create table queue_event (
    studio_id   text not null references studio (id),
    day_id      text not null check (length(day_id) between 1 and 80),
    id          text not null check (length(id) between 1 and 60),
    body        jsonb not null,
    number      bigint generated always as identity,
    arrived_at  timestamptz not null default now(),
    primary key (studio_id, day_id, id)
);
alter table queue_event enable row level security;
alter table queue_event force row level security;
create policy of_studio on queue_event using (studio_id = current_setting('datura.studio', true));

-- Whoever holds its link sees the numbers of one queue and how long they wait, and nothing else. Of the link only the hash is kept.
create table queue_link (
    token_hash  bytea primary key,
    studio_id   text not null references studio (id) on delete cascade,
    day_id      text not null check (length(day_id) between 1 and 80),
    expires_at  timestamptz not null
);
create index queue_link_of_day on queue_link (studio_id, day_id);
