using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>The studio as one file, out and in.</summary>
public sealed class WholeStudio(DocumentStore store)
{
    // Somebody else may add documents just then; who loses the race looks for free ids again.
    private const int Attempts = 5;

    /// <summary>Every document as it is now; earlier saves are in a backup, not in here.</summary>
    public async Task<byte[]> FileAsync(CancellationToken cancel)
    {
        var entries = new List<StudioEntry>();
        foreach (var type in DocumentTypes.All)
        {
            entries.AddRange((await store.AllAsync(type.Name, cancel)).Select(d => new StudioEntry(type, d.Id, type.FileOf(d.Body, d.Id))));
        }

        return StudioFile.Write(entries);
    }

    /// <summary>Adds what a studio's file holds and this studio does not have yet; all or nothing, and nothing that is here is changed.</summary>
    /// <exception cref="InputException">Names the file that cannot be and why.</exception>
    public async Task<BroughtIn> BringInAsync(byte[] bytes, CancellationToken cancel)
    {
        (StudioEntry Entry, object Document)[] read = [.. StudioFile.Read(bytes).Select(e => (e, Checked(e)))];
        for (var attempt = 1; ; attempt++)
        {
            try
            {
                return await AddAsync(read, cancel);
            }
            catch (TakenIdException) when (attempt < Attempts)
            {
                // Looked for anew.
            }
        }
    }

    private async Task<BroughtIn> AddAsync((StudioEntry Entry, object Document)[] read, CancellationToken cancel)
    {
        var ids = new Dictionary<(string Kind, string Id), string>();
        var added = new List<(string Kind, string Id, string Name, string Body)>();
        foreach (var type in DocumentTypes.All)
        {
            var here = (await store.AllAsync(type.Name, cancel)).ToDictionary(d => d.Id, d => d.Body);
            var taken = (await store.IdsAsync(type.Name, cancel)).ToHashSet();
            foreach (var (entry, document) in read.Where(r => r.Entry.Type == type))
            {
                var (name, body) = type.WriteAny(document, entry.Id, ids);
                if (here.TryGetValue(entry.Id, out var stored) && type.IsSame(stored, type.ReadAny(type.FileOf(body, entry.Id)), entry.Id))
                {
                    continue;
                }

                var wanted = Slug.Of(entry.Id);
                var id = Enumerable.Range(1, int.MaxValue).Select(n => n == 1 ? wanted : $"{wanted}-{n}").First(taken.Add);
                ids[(type.Name, entry.Id)] = id;
                added.Add((type.Name, id, name, type.WriteAny(document, id, ids).Body));
            }
        }

        await store.AddAllAsync(added, cancel);
        return new(read.Length - added.Count, [.. added.Select(a => new BroughtInDocument(a.Kind, a.Id, a.Name))]);
    }

    private static object Checked(StudioEntry entry)
    {
        try
        {
            var document = entry.Type.ReadAny(entry.Text);
            SoundBody.Check(document);
            return document;
        }
        catch (Exception problem) when (ProblemHandler.SentenceOf(problem) is { } why)
        {
            throw new InputException($"{entry.Type.Plural}/{entry.Id}", ProblemCode.StudioDocument, ("file", $"{entry.Type.Plural}/{entry.Id}"), ("why", why));
        }
    }
}
