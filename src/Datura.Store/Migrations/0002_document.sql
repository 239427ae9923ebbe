-- Looks, faces, kits and settings are documents. The current revision is a row here; every revision ever saved is kept below.
create table document (
    studio_id text not null references studio (id),
    kind      text not null check (kind in ('look', 'face', 'kit', 'setting')),
    id        text not null check (length(id) between 1 and 80),
    name      text not null,
    revision  integer not null check (revision >= 1),
    removed   boolean not null default false,
    primary key (studio_id, kind, id)
);

create table document_revision (
    studio_id text not null,
    kind      text not null,
    id        text not null,
    revision  integer not null,
    body      jsonb not null,
    saved_at  timestamptz not null default now(),
    primary key (studio_id, kind, id, revision),
    foreign key (studio_id, kind, id) references document (studio_id, kind, id)
);

create index document_by_name on document (studio_id, kind, name) where not removed;
