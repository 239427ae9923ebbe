using Dapper;
using Npgsql;

namespace Datura.Store;

/// <summary>Documents of one studio in PostgreSQL, of whatever kind. Every save adds a revision; none is ever changed, and none deleted but with a document whose time in the bin is over.</summary>
/// <param name="studio">Whose rows; the database itself shows and takes no others (row-level security).</param>
/// <param name="actor">The account that works, for the record of who changed what; null for the demo and the service itself.</param>
public sealed class DocumentStore(NpgsqlDataSource source, string studio, Guid? actor = null)
{
    private readonly StudioRows studioRows = new(source, studio);

    /// <param name="search">Only those whose name has it in it, whatever the case; null for all.</param>
    /// <param name="removed">Those taken off the lists instead of those on them.</param>
    public async Task<IReadOnlyList<DocumentHead>> ListAsync(string kind, string? search = null, bool removed = false, CancellationToken cancel = default)
    {
        return [.. await studioRows.ReadAsync<DocumentHead>(
            """
            select id, name, revision, removed_at as removedAt from document
            where studio_id = @studio and kind = @kind and (removed_at is not null) = @removed and (@search::text is null or position(lower(@search) in lower(name)) > 0)
            order by name, id
            """,
            new { studio, kind, search, removed }, cancel)];
    }

    public async Task<IReadOnlyList<StoredDocument>> AllAsync(string kind, CancellationToken cancel = default)
    {
        return [.. await studioRows.ReadAsync<StoredDocument>(
            """
            select d.id, d.name, d.revision, r.body::text as body
            from document d join document_revision r using (studio_id, kind, id, revision)
            where d.studio_id = @studio and d.kind = @kind and d.removed_at is null order by d.name, d.id
            """,
            new { studio, kind }, cancel)];
    }

    /// <summary>When each was last saved.</summary>
    public async Task<IReadOnlyDictionary<string, DateTime>> SavedAsync(string kind, CancellationToken cancel = default)
    {
        return (await studioRows.ReadAsync<(string Id, DateTime SavedAt)>(
            "select d.id, r.saved_at from document d join document_revision r using (studio_id, kind, id, revision) where d.studio_id = @studio and d.kind = @kind and d.removed_at is null",
            new { studio, kind }, cancel)).ToDictionary(r => r.Id, r => r.SavedAt);
    }

    /// <param name="revision">Null for the newest.</param>
    /// <exception cref="MissingDocumentException"/>
    public async Task<StoredDocument> GetAsync(string kind, string id, int? revision = null, CancellationToken cancel = default)
    {
        return (await studioRows.ReadAsync<StoredDocument>(
            """
            select d.id, d.name, r.revision, r.body::text as body
            from document d join document_revision r using (studio_id, kind, id)
            where d.studio_id = @studio and d.kind = @kind and d.id = @id and d.removed_at is null
              and r.revision = coalesce(@revision, d.revision)
            """,
            new { studio, kind, id, revision }, cancel)).SingleOrDefault() ?? throw new MissingDocumentException(kind, id);
    }

    /// <exception cref="MissingDocumentException"/>
    public async Task<IReadOnlyList<RevisionHead>> RevisionsAsync(string kind, string id, CancellationToken cancel = default)
    {
        RevisionHead[] rows = [.. await studioRows.ReadAsync<RevisionHead>(
            "select revision, saved_at as savedAt from document_revision where studio_id = @studio and kind = @kind and id = @id order by revision desc",
            new { studio, kind, id }, cancel)];
        return rows.Length > 0 ? rows : throw new MissingDocumentException(kind, id);
    }

    /// <param name="saveKey">Names this save: sent again with the same body, it is the same save; null when it is never sent again.</param>
    /// <returns>Id and revision it was kept under: 1, or what it was when this very save came before.</returns>
    /// <exception cref="TakenIdException"/>
    /// <exception cref="TakenSaveKeyException"/>
    public async Task<(string Id, int Revision)> AddAsync(string kind, string id, string name, string body, string? saveKey = null, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        if (saveKey is not null)
        {
            // One at a time with this key, or both of two sent at once would find nothing.
            await db.ExecuteAsync(StudioRows.Of("select pg_advisory_xact_lock(hashtextextended(@saveKey, 0))", new { saveKey }, cancel, work));
            if (await SameSave(db, work, kind, null, body, saveKey, cancel) is { } before)
            {
                return before;
            }
        }

        var added = await db.ExecuteAsync(StudioRows.Of(
            "insert into document (studio_id, kind, id, name, revision) values (@studio, @kind, @id, @name, 1) on conflict do nothing",
            new { studio, kind, id, name }, cancel, work));
        if (added == 0)
        {
            throw new TakenIdException(kind, id);
        }

        await AddRevision(db, work, kind, id, 1, body, saveKey, cancel);
        await Record(db, work, "added", kind, id, 1, cancel);
        await work.CommitAsync(cancel);
        return (id, 1);
    }

    /// <param name="read">The revision the writer worked on.</param>
    /// <param name="saveKey">As for <see cref="AddAsync"/>.</param>
    /// <returns>The new revision, or the one this very save made before.</returns>
    /// <exception cref="MissingDocumentException"/>
    /// <exception cref="StaleRevisionException">Another save came first.</exception>
    /// <exception cref="TakenSaveKeyException"/>
    public async Task<int> SaveAsync(string kind, string id, int read, string name, string body, string? saveKey = null, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        var saved = await db.ExecuteScalarAsync<int?>(StudioRows.Of(
            """
            update document set revision = revision + 1, name = @name
            where studio_id = @studio and kind = @kind and id = @id and revision = @read and removed_at is null
            returning revision
            """,
            new { studio, kind, id, read, name }, cancel, work));
        if (saved is null)
        {
            return saveKey is not null && await SameSave(db, work, kind, id, body, saveKey, cancel) is { } before
                ? before.Revision : throw await Refusal(db, work, kind, id, read, cancel);
        }

        await AddRevision(db, work, kind, id, saved.Value, body, saveKey, cancel);
        await Record(db, work, "saved", kind, id, saved, cancel);
        await work.CommitAsync(cancel);
        return saved.Value;
    }

    /// <summary>Fills a studio that never held anything, all or nothing, once however many copies of the service try.</summary>
    /// <returns>Whether it was filled now.</returns>
    public async Task<bool> FillAsync(IEnumerable<(string Kind, string Id, string Name, string Body)> documents, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        // The row is locked until all is in: whoever else tries waits here, and then finds it filled.
        if (await db.ExecuteAsync(StudioRows.Of("update studio set filled = true where id = @studio and not filled", new { studio }, cancel, work)) == 0)
        {
            return false;
        }

        await AddNew(db, work, documents, cancel);
        await work.CommitAsync(cancel);
        return true;
    }

    private async Task AddNew(
        NpgsqlConnection db, NpgsqlTransaction work, IEnumerable<(string Kind, string Id, string Name, string Body)> documents, CancellationToken cancel)
    {
        foreach (var (kind, id, name, body) in documents)
        {
            var added = await db.ExecuteAsync(StudioRows.Of(
                "insert into document (studio_id, kind, id, name, revision) values (@studio, @kind, @id, @name, 1) on conflict do nothing", new { studio, kind, id, name }, cancel, work));
            if (added == 0)
            {
                throw new TakenIdException(kind, id);
            }

            await AddRevision(db, work, kind, id, 1, body, null, cancel);
            await Record(db, work, "added", kind, id, 1, cancel);
        }
    }

    /// <summary>Every id that a kind has, those in the bin among them.</summary>
    public async Task<IReadOnlySet<string>> IdsAsync(string kind, CancellationToken cancel = default)
    {
        return (await studioRows.ReadAsync<string>("select id from document where studio_id = @studio and kind = @kind", new { studio, kind }, cancel)).ToHashSet();
    }

    /// <summary>Keeps new documents, all or none.</summary>
    /// <exception cref="TakenIdException">One of the ids was taken meanwhile.</exception>
    public async Task AddAllAsync(IReadOnlyList<(string Kind, string Id, string Name, string Body)> documents, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        await AddNew(db, work, documents, cancel);
        await work.CommitAsync(cancel);
    }

    /// <summary>Takes a document off the lists; its revisions stay, and <see cref="PutBackAsync"/> undoes it.</summary>
    /// <exception cref="MissingDocumentException"/>
    /// <exception cref="StaleRevisionException"/>
    public async Task RemoveAsync(string kind, string id, int read, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        var removed = await db.ExecuteAsync(StudioRows.Of(
            "update document set removed_at = now() where studio_id = @studio and kind = @kind and id = @id and revision = @read and removed_at is null",
            new { studio, kind, id, read }, cancel, work));
        if (removed == 0)
        {
            throw await Refusal(db, work, kind, id, read, cancel);
        }

        await Record(db, work, "removed", kind, id, read, cancel);
        await work.CommitAsync(cancel);
    }

    /// <summary>Puts a removed document back on the lists as it was; nothing happens to one that is on them.</summary>
    /// <returns>Its revision.</returns>
    /// <exception cref="MissingDocumentException"/>
    public async Task<int> PutBackAsync(string kind, string id, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        var revision = await db.ExecuteScalarAsync<int?>(StudioRows.Of(
            "update document set removed_at = null where studio_id = @studio and kind = @kind and id = @id returning revision", new { studio, kind, id }, cancel, work))
            ?? throw new MissingDocumentException(kind, id);
        await Record(db, work, "putBack", kind, id, revision, cancel);
        await work.CommitAsync(cancel);
        return revision;
    }

    /// <summary>Puts into the bin what nobody has saved for longer.</summary>
    /// <returns>How many.</returns>
    public async Task<int> RemoveOldAsync(string kind, TimeSpan longerThan, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        var old = (await db.QueryAsync<(string Id, int Revision)>(StudioRows.Of(
            """
            update document d set removed_at = now()
            where studio_id = @studio and kind = @kind and removed_at is null and not exists (
                select 1 from document_revision r where r.studio_id = d.studio_id and r.kind = d.kind and r.id = d.id and r.saved_at >= now() - @longerThan)
            returning id, revision
            """,
            new { studio, kind, longerThan }, cancel, work))).ToArray();
        foreach (var (id, revision) in old)
        {
            await Record(db, work, "removed", kind, id, revision, cancel);
        }

        await work.CommitAsync(cancel);
        return old.Length;
    }

    /// <summary>Deletes for good, with all their revisions, documents that have lain in the bin for longer.</summary>
    /// <returns>How many.</returns>
    public async Task<int> EmptyBinAsync(TimeSpan longerThan, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        var gone = (await db.QueryAsync<(string Kind, string Id)>(StudioRows.Of(
            "select kind, id from document where studio_id = @studio and removed_at < now() - @longerThan for update", new { studio, longerThan }, cancel, work))).ToArray();
        foreach (var (kind, id) in gone)
        {
            await Erase(db, work, kind, id, cancel);
        }

        await work.CommitAsync(cancel);
        return gone.Length;
    }

    /// <summary>Deletes a document for good, with every revision, whether it is on the lists or in the bin.</summary>
    /// <exception cref="MissingDocumentException"/>
    public async Task EraseAsync(string kind, string id, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        if (await Erase(db, work, kind, id, cancel) == 0)
        {
            throw new MissingDocumentException(kind, id);
        }

        await work.CommitAsync(cancel);
    }

    /// <summary>Every save of a document with what was in it, newest first, whether it is on the lists or in the bin.</summary>
    /// <exception cref="MissingDocumentException"/>
    public async Task<IReadOnlyList<(RevisionHead Head, string Body)>> HistoryAsync(string kind, string id, CancellationToken cancel = default)
    {
        var rows = (await studioRows.ReadAsync<(int Revision, DateTime SavedAt, string Body)>(
            "select revision, saved_at, body::text from document_revision where studio_id = @studio and kind = @kind and id = @id order by revision desc",
            new { studio, kind, id }, cancel)).ToArray();
        return rows.Length > 0 ? [.. rows.Select(r => (new RevisionHead(r.Revision, r.SavedAt), r.Body))] : throw new MissingDocumentException(kind, id);
    }

    /// <summary>The newest changes in the studio, whoever made them.</summary>
    /// <param name="before">Only those older than this number; null for the newest.</param>
    public async Task<IReadOnlyList<AuditEntry>> AuditAsync(int most, long? before = null, CancellationToken cancel = default)
    {
        return [.. await studioRows.ReadAsync<AuditEntry>(
            """
            select a.number, a.at, a.account_id as accountId, w.name as who, a.action, a.kind, a.id, a.revision, d.name
            from audit a left join account w on w.id = a.account_id left join document d on d.studio_id = a.studio_id and d.kind = a.kind and d.id = a.id
            where a.studio_id = @studio and (@before::bigint is null or a.number < @before) order by a.number desc limit @most
            """,
            new { studio, most, before }, cancel)];
    }

    // Kinds are the service's business; these two are bound to each other by what a person may ask for.
    private const string Person = "face";
    private const string TellsOfPerson = "painting";

    private async Task<int> Erase(NpgsqlConnection db, NpgsqlTransaction work, string kind, string id, CancellationToken cancel)
    {
        await db.ExecuteAsync(StudioRows.Of(ShownLookStore.Forgetting, new { studio, kind, id }, cancel, work));
        await db.ExecuteAsync(StudioRows.Of(ChairEventStore.Forgetting, new { studio, kind, id }, cancel, work));
        await db.ExecuteAsync(StudioRows.Of(QueueEventStore.Forgetting, new { studio, kind, id }, cancel, work));
        await db.ExecuteAsync(StudioRows.Of(SessionPhotoStore.Forgetting, new { studio, kind, id }, cancel, work));
        await db.ExecuteAsync(StudioRows.Of(WearerCardStore.Forgetting, new { studio, kind, id }, cancel, work));
        if (kind == Person)
        {
            // What the book tells of a person goes with the person, every save of it.
            foreach (var told in await db.QueryAsync<string>(StudioRows.Of(
                $"select distinct id from document_revision where studio_id = @studio and kind = '{TellsOfPerson}' and body->>'face' = @id", new { studio, id }, cancel, work)))
            {
                await Erase(db, work, TellsOfPerson, told, cancel);
            }
        }

        await db.ExecuteAsync(StudioRows.Of("delete from document_revision where studio_id = @studio and kind = @kind and id = @id", new { studio, kind, id }, cancel, work));
        var gone = await db.ExecuteAsync(StudioRows.Of("delete from document where studio_id = @studio and kind = @kind and id = @id", new { studio, kind, id }, cancel, work));
        await Record(db, work, "erased", kind, id, null, cancel);
        return gone;
    }

    /// <summary>Whether the database answers.</summary>
    public static async Task<bool> AnswersAsync(NpgsqlDataSource source, CancellationToken cancel = default)
    {
        try
        {
            await using var db = await source.OpenConnectionAsync(cancel);
            return await db.ExecuteScalarAsync<int>(StudioRows.Of("select 1", new { }, cancel)) == 1;
        }
        catch (NpgsqlException)
        {
            return false;
        }
    }

    /// <summary>Puts on record what was done to something that is no document.</summary>
    public async Task RecordAsync(string action, string kind, string id, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        await Record(db, work, action, kind, id, null, cancel);
        await work.CommitAsync(cancel);
    }

    private Task Record(NpgsqlConnection db, NpgsqlTransaction work, string action, string kind, string id, int? revision, CancellationToken cancel) => db.ExecuteAsync(StudioRows.Of(
        "insert into audit (studio_id, account_id, action, kind, id, revision) values (@studio, @actor, @action, @kind, @id, @revision)",
        new { studio, actor, action, kind, id, revision }, cancel, work));

    private async Task<Exception> Refusal(NpgsqlConnection db, NpgsqlTransaction work, string kind, string id, int read, CancellationToken cancel)
    {
        var current = await db.ExecuteScalarAsync<int?>(StudioRows.Of(
            "select revision from document where studio_id = @studio and kind = @kind and id = @id and removed_at is null", new { studio, kind, id }, cancel, work));
        return current is { } newest ? new StaleRevisionException(kind, id, read, newest) : new MissingDocumentException(kind, id);
    }

    // What a save with this key and body became, if it came before.
    private async Task<(string Id, int Revision)?> SameSave(
        NpgsqlConnection db, NpgsqlTransaction work, string kind, string? id, string body, string saveKey, CancellationToken cancel)
    {
        var rows = await db.QueryAsync<(string Id, int Revision)>(StudioRows.Of(
            """
            select id, revision from document_revision
            where studio_id = @studio and kind = @kind and save_key = @saveKey and (@id::text is null or id = @id) and body - 'id' = @body::jsonb - 'id'
            """,
            new { studio, kind, id, body, saveKey }, cancel, work));
        return rows.Select(r => ((string, int)?)r).SingleOrDefault();
    }

    private async Task AddRevision(
        NpgsqlConnection db, NpgsqlTransaction work, string kind, string id, int revision, string body, string? saveKey, CancellationToken cancel)
    {
        try
        {
            await db.ExecuteAsync(StudioRows.Of(
                """
                insert into document_revision (studio_id, kind, id, revision, body, save_key)
                values (@studio, @kind, @id, @revision, @body::jsonb, @saveKey)
                """,
                new { studio, kind, id, revision, body, saveKey }, cancel, work));
        }
        catch (PostgresException taken) when (taken.ConstraintName == "document_revision_by_key")
        {
            throw new TakenSaveKeyException();
        }
    }
}
