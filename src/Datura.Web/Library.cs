using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Typed documents of the studio.</summary>
public sealed class Library(DocumentStore store)
{
    // As many documents may share a name.
    private const int MostOfOneName = 1000;

    public async Task<T> GetAsync<T>(DocumentType<T> type, string id, CancellationToken cancel = default)
        where T : class => Document(type, await StoredAsync(type, id, null, cancel));

    /// <summary>As it is kept, with its revision.</summary>
    /// <param name="revision">Null for the newest.</param>
    public Task<StoredDocument> StoredAsync(DocumentType type, string id, int? revision, CancellationToken cancel = default) =>
        store.GetAsync(type.Name, id, revision, cancel);

    public Task<Face> FaceAsync(string id, CancellationToken cancel = default) => GetAsync(DocumentTypes.Face, id, cancel);

    public Task<Kit> KitAsync(string id, CancellationToken cancel = default) => GetAsync(DocumentTypes.Kit, id, cancel);

    public Task<Setting> SettingAsync(string id, CancellationToken cancel = default) => GetAsync(DocumentTypes.Setting, id, cancel);

    public Task<Look> LookAsync(string id, CancellationToken cancel = default) => GetAsync(DocumentTypes.Look, id, cancel);

    public async Task<IReadOnlyList<T>> AllAsync<T>(DocumentType<T> type, CancellationToken cancel = default)
        where T : class => [.. (await store.AllAsync(type.Name, cancel)).Select(d => Document(type, d))];

    /// <summary>Id of a document: the one wanted where there is such, else the first by name; null when there is none at all.</summary>
    public async Task<string?> FirstAsync(DocumentType type, string? wanted = null, CancellationToken cancel = default)
    {
        var heads = await store.ListAsync(type.Name, cancel: cancel);
        return (heads.FirstOrDefault(h => h.Id == wanted) ?? (heads.Count > 0 ? heads[0] : null))?.Id;
    }

    /// <summary>Names and ids, by name.</summary>
    public Task<IReadOnlyList<DocumentHead>> HeadsAsync(DocumentType type, CancellationToken cancel = default) => store.ListAsync(type.Name, cancel: cancel);

    /// <summary>Keeps new documents about persons, all or none.</summary>
    /// <returns>How many.</returns>
    public async Task<int> AddAllAsync<T>(DocumentType<T> type, IReadOnlyList<T> documents, CancellationToken cancel = default)
        where T : class
    {
        foreach (var document in documents)
        {
            type.Check(document);
            Today.Check(document);
        }

        await store.AddAllAsync([.. documents.Select(d => (type.Name, Slug.OfNothing(), type.TitleOf(d), type.Write(d)))], cancel);
        return documents.Count;
    }

    /// <summary>Keeps a new document under an id made of its name, or of nothing where that is a person's.</summary>
    /// <param name="key">Names this save, so that it can be sent again.</param>
    /// <exception cref="Exception">With a sentence: the document cannot be.</exception>
    public async Task<Saved> AddAsync<T>(DocumentType<T> type, T document, string? key = null, CancellationToken cancel = default)
        where T : class
    {
        type.Check(document);
        Today.Check(document);
        var wanted = type.AboutAPerson ? Slug.OfNothing() : Slug.Of(type.TitleOf(document));
        for (var n = 1; ; n++)
        {
            var id = n == 1 ? wanted : $"{wanted}-{n}";
            try
            {
                var (kept, revision) = await store.AddAsync(type.Name, id, type.TitleOf(document), type.Write(type.WithId(document, id)), key, cancel);
                return new(kept, revision);
            }
            catch (TakenIdException) when (n < MostOfOneName)
            {
                // Two may have the same name; they get ids that differ.
            }
        }
    }

    /// <summary>Keeps a document on top of the revision that was read.</summary>
    /// <param name="key">Names this save, so that it can be sent again.</param>
    /// <exception cref="StaleRevisionException"/>
    public async Task<Saved> SaveAsync<T>(DocumentType<T> type, string id, Save<T> save, string? key = null, CancellationToken cancel = default)
        where T : class
    {
        type.Check(save.Document);
        Today.Check(save.Document);
        return new(id, await store.SaveAsync(type.Name, id, save.Revision, type.TitleOf(save.Document), type.Write(type.WithId(save.Document, id)), key, cancel));
    }

    public static T Document<T>(DocumentType<T> type, StoredDocument stored)
        where T : class => type.WithId(type.Read(stored.Body), stored.Id);
}
