using Dapper;
using Npgsql;

namespace Datura.Store;

/// <summary>Documents of one studio in PostgreSQL. Every save adds a revision; none is ever changed or deleted.</summary>
public sealed class DocumentStore(NpgsqlDataSource source, string studio)
{
    public async Task<IReadOnlyList<DocumentHead>> ListAsync(DocumentKind kind)
    {
        await using var db = await source.OpenConnectionAsync();
        var rows = await db.QueryAsync<DocumentHead>(
            "select id, name, revision from document where studio_id = @studio and kind = @kind and not removed order by name, id",
            new { studio, kind = Name(kind) });
        return [.. rows];
    }

    public async Task<IReadOnlyList<StoredDocument>> AllAsync(DocumentKind kind)
    {
        await using var db = await source.OpenConnectionAsync();
        var rows = await db.QueryAsync<StoredDocument>(
            """
            select d.id, d.name, d.revision, r.body::text as body
            from document d join document_revision r using (studio_id, kind, id, revision)
            where d.studio_id = @studio and d.kind = @kind and not d.removed order by d.name, d.id
            """,
            new { studio, kind = Name(kind) });
        return [.. rows];
    }

    /// <param name="revision">Null for the newest.</param>
    /// <exception cref="MissingDocumentException"/>
    public async Task<StoredDocument> GetAsync(DocumentKind kind, string id, int? revision = null)
    {
        await using var db = await source.OpenConnectionAsync();
        return await db.QuerySingleOrDefaultAsync<StoredDocument>(
            """
            select d.id, d.name, r.revision, r.body::text as body
            from document d join document_revision r using (studio_id, kind, id)
            where d.studio_id = @studio and d.kind = @kind and d.id = @id and not d.removed
              and r.revision = coalesce(@revision, d.revision)
            """,
            new { studio, kind = Name(kind), id, revision }) ?? throw new MissingDocumentException(kind, id);
    }

    /// <exception cref="MissingDocumentException"/>
    public async Task<IReadOnlyList<RevisionHead>> RevisionsAsync(DocumentKind kind, string id)
    {
        await using var db = await source.OpenConnectionAsync();
        var rows = (await db.QueryAsync<RevisionHead>(
            "select revision, saved_at as savedAt from document_revision where studio_id = @studio and kind = @kind and id = @id order by revision desc",
            new { studio, kind = Name(kind), id })).ToArray();
        return rows.Length > 0 ? rows : throw new MissingDocumentException(kind, id);
    }

    /// <returns>The first revision, 1.</returns>
    /// <exception cref="TakenIdException"/>
    public async Task<int> AddAsync(DocumentKind kind, string id, string name, string body)
    {
        await using var db = await source.OpenConnectionAsync();
        await using var work = await db.BeginTransactionAsync();
        var added = await db.ExecuteAsync(
            "insert into document (studio_id, kind, id, name, revision) values (@studio, @kind, @id, @name, 1) on conflict do nothing",
            new { studio, kind = Name(kind), id, name }, work);
        if (added == 0)
        {
            throw new TakenIdException(kind, id);
        }

        await AddRevision(db, work, kind, id, 1, body);
        await work.CommitAsync();
        return 1;
    }

    /// <param name="read">The revision the writer worked on.</param>
    /// <returns>The new revision.</returns>
    /// <exception cref="MissingDocumentException"/>
    /// <exception cref="StaleRevisionException">Another save came first.</exception>
    public async Task<int> SaveAsync(DocumentKind kind, string id, int read, string name, string body)
    {
        await using var db = await source.OpenConnectionAsync();
        await using var work = await db.BeginTransactionAsync();
        var saved = await db.ExecuteScalarAsync<int?>(
            """
            update document set revision = revision + 1, name = @name
            where studio_id = @studio and kind = @kind and id = @id and revision = @read and not removed
            returning revision
            """,
            new { studio, kind = Name(kind), id, read, name }, work);
        if (saved is null)
        {
            throw await Refusal(db, work, kind, id, read);
        }

        await AddRevision(db, work, kind, id, saved.Value, body);
        await work.CommitAsync();
        return saved.Value;
    }

    /// <summary>Takes a document off the lists; its revisions stay.</summary>
    /// <exception cref="MissingDocumentException"/>
    /// <exception cref="StaleRevisionException"/>
    public async Task RemoveAsync(DocumentKind kind, string id, int read)
    {
        await using var db = await source.OpenConnectionAsync();
        await using var work = await db.BeginTransactionAsync();
        var removed = await db.ExecuteAsync(
            "update document set removed = true where studio_id = @studio and kind = @kind and id = @id and revision = @read and not removed",
            new { studio, kind = Name(kind), id, read }, work);
        if (removed == 0)
        {
            throw await Refusal(db, work, kind, id, read);
        }

        await work.CommitAsync();
    }

    /// <summary>Whether the database answers.</summary>
    public async Task<bool> AnswersAsync()
    {
        try
        {
            await using var db = await source.OpenConnectionAsync();
            return await db.ExecuteScalarAsync<int>("select 1") == 1;
        }
        catch (NpgsqlException)
        {
            return false;
        }
    }

    private async Task<Exception> Refusal(NpgsqlConnection db, NpgsqlTransaction work, DocumentKind kind, string id, int read)
    {
        var current = await db.ExecuteScalarAsync<int?>(
            "select revision from document where studio_id = @studio and kind = @kind and id = @id and not removed",
            new { studio, kind = Name(kind), id }, work);
        return current is { } newest ? new StaleRevisionException(kind, id, read, newest) : new MissingDocumentException(kind, id);
    }

    private Task<int> AddRevision(NpgsqlConnection db, NpgsqlTransaction work, DocumentKind kind, string id, int revision, string body) =>
        db.ExecuteAsync(
            "insert into document_revision (studio_id, kind, id, revision, body) values (@studio, @kind, @id, @revision, @body::jsonb)",
            new { studio, kind = Name(kind), id, revision, body }, work);

    private static string Name(DocumentKind kind) => kind.ToString().ToLowerInvariant();
}
