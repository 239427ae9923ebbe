-- A save whose answer was lost is sent again with the same key, and is then the same save.
alter table document_revision add save_key text check (length(save_key) between 8 and 80);
create unique index document_revision_by_key on document_revision (studio_id, kind, save_key) where save_key is not null;

-- What is removed lies in the bin for a while, so it must be known since when. The index over the old column goes with it.
alter table document add removed_at timestamptz;
update document set removed_at = now() where removed;
alter table document drop column removed;
create index document_by_name on document (studio_id, kind, name) where removed_at is null;

-- Whether the studio was ever filled: one that its owner emptied stays empty.
alter table studio add filled boolean not null default false;
update studio set filled = exists (select 1 from document where kind = 'kit' and studio_id = studio.id);
