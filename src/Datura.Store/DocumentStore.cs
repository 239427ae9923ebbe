using Dapper;
using Npgsql;

namespace Datura.Store;

/// <summary>Documents of one studio in PostgreSQL, of whatever kind. Every save adds a revision; none is ever changed or deleted.</summary>
public sealed class DocumentStore(NpgsqlDataSource source, string studio)
{
    /// <param name="search">Only those whose name has it in it, whatever the case; null for all.</param>
    /// <param name="removed">Those taken off the lists instead of those on them.</param>
    public async Task<IReadOnlyList<DocumentHead>> ListAsync(string kind, string? search = null, bool removed = false, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return [.. await db.QueryAsync<DocumentHead>(Of(
            """
            select id, name, revision from document
            where studio_id = @studio and kind = @kind and removed = @removed and (@search::text is null or position(lower(@search) in lower(name)) > 0)
            order by name, id
            """,
            new { studio, kind, search, removed }, cancel))];
    }

    public async Task<IReadOnlyList<StoredDocument>> AllAsync(string kind, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return [.. await db.QueryAsync<StoredDocument>(Of(
            """
            select d.id, d.name, d.revision, r.body::text as body
            from document d join document_revision r using (studio_id, kind, id, revision)
            where d.studio_id = @studio and d.kind = @kind and not d.removed order by d.name, d.id
            """,
            new { studio, kind }, cancel))];
    }

    /// <param name="revision">Null for the newest.</param>
    /// <exception cref="MissingDocumentException"/>
    public async Task<StoredDocument> GetAsync(string kind, string id, int? revision = null, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.QuerySingleOrDefaultAsync<StoredDocument>(Of(
            """
            select d.id, d.name, r.revision, r.body::text as body
            from document d join document_revision r using (studio_id, kind, id)
            where d.studio_id = @studio and d.kind = @kind and d.id = @id and not d.removed
              and r.revision = coalesce(@revision, d.revision)
            """,
            new { studio, kind, id, revision }, cancel)) ?? throw new MissingDocumentException(kind, id);
    }

    /// <exception cref="MissingDocumentException"/>
    public async Task<IReadOnlyList<RevisionHead>> RevisionsAsync(string kind, string id, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        RevisionHead[] rows = [.. await db.QueryAsync<RevisionHead>(Of(
            "select revision, saved_at as savedAt from document_revision where studio_id = @studio and kind = @kind and id = @id order by revision desc",
            new { studio, kind, id }, cancel))];
        return rows.Length > 0 ? rows : throw new MissingDocumentException(kind, id);
    }

    /// <returns>The first revision, 1.</returns>
    /// <exception cref="TakenIdException"/>
    public async Task<int> AddAsync(string kind, string id, string name, string body, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var work = await db.BeginTransactionAsync(cancel);
        var added = await db.ExecuteAsync(Of(
            "insert into document (studio_id, kind, id, name, revision) values (@studio, @kind, @id, @name, 1) on conflict do nothing",
            new { studio, kind, id, name }, cancel, work));
        if (added == 0)
        {
            throw new TakenIdException(kind, id);
        }

        await AddRevision(db, work, kind, id, 1, body, cancel);
        await work.CommitAsync(cancel);
        return 1;
    }

    /// <param name="read">The revision the writer worked on.</param>
    /// <returns>The new revision.</returns>
    /// <exception cref="MissingDocumentException"/>
    /// <exception cref="StaleRevisionException">Another save came first.</exception>
    public async Task<int> SaveAsync(string kind, string id, int read, string name, string body, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var work = await db.BeginTransactionAsync(cancel);
        var saved = await db.ExecuteScalarAsync<int?>(Of(
            """
            update document set revision = revision + 1, name = @name
            where studio_id = @studio and kind = @kind and id = @id and revision = @read and not removed
            returning revision
            """,
            new { studio, kind, id, read, name }, cancel, work));
        if (saved is null)
        {
            throw await Refusal(db, work, kind, id, read, cancel);
        }

        await AddRevision(db, work, kind, id, saved.Value, body, cancel);
        await work.CommitAsync(cancel);
        return saved.Value;
    }

    /// <summary>Takes a document off the lists; its revisions stay, and <see cref="PutBackAsync"/> undoes it.</summary>
    /// <exception cref="MissingDocumentException"/>
    /// <exception cref="StaleRevisionException"/>
    public async Task RemoveAsync(string kind, string id, int read, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var work = await db.BeginTransactionAsync(cancel);
        var removed = await db.ExecuteAsync(Of(
            "update document set removed = true where studio_id = @studio and kind = @kind and id = @id and revision = @read and not removed",
            new { studio, kind, id, read }, cancel, work));
        if (removed == 0)
        {
            throw await Refusal(db, work, kind, id, read, cancel);
        }

        await work.CommitAsync(cancel);
    }

    /// <summary>Puts a removed document back on the lists as it was; nothing happens to one that is on them.</summary>
    /// <returns>Its revision.</returns>
    /// <exception cref="MissingDocumentException"/>
    public async Task<int> PutBackAsync(string kind, string id, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteScalarAsync<int?>(Of(
            "update document set removed = false where studio_id = @studio and kind = @kind and id = @id returning revision", new { studio, kind, id }, cancel))
            ?? throw new MissingDocumentException(kind, id);
    }

    /// <summary>Whether the database answers.</summary>
    public async Task<bool> AnswersAsync(CancellationToken cancel = default)
    {
        try
        {
            await using var db = await source.OpenConnectionAsync(cancel);
            return await db.ExecuteScalarAsync<int>(Of("select 1", new { }, cancel)) == 1;
        }
        catch (NpgsqlException)
        {
            return false;
        }
    }

    private async Task<Exception> Refusal(NpgsqlConnection db, NpgsqlTransaction work, string kind, string id, int read, CancellationToken cancel)
    {
        var current = await db.ExecuteScalarAsync<int?>(Of(
            "select revision from document where studio_id = @studio and kind = @kind and id = @id and not removed", new { studio, kind, id }, cancel, work));
        return current is { } newest ? new StaleRevisionException(kind, id, read, newest) : new MissingDocumentException(kind, id);
    }

    private Task<int> AddRevision(NpgsqlConnection db, NpgsqlTransaction work, string kind, string id, int revision, string body, CancellationToken cancel) =>
        db.ExecuteAsync(Of(
            "insert into document_revision (studio_id, kind, id, revision, body) values (@studio, @kind, @id, @revision, @body::jsonb)",
            new { studio, kind, id, revision, body }, cancel, work));

    // A query that stops when whoever asked is gone.
    private static CommandDefinition Of(string sql, object values, CancellationToken cancel, NpgsqlTransaction? work = null) => new(sql, values, work, cancellationToken: cancel);
}
