namespace Datura.Store.Tests;

/// <summary>What happened in the chair is kept once, never changed, never too much, and goes with its entry of the book.</summary>
public class ChairEventTests(Database database) : IClassFixture<Database>
{
    private readonly ChairEventStore events = new(database.Source, "own");
    private readonly DocumentStore documents = new(database.Source, "own");

    private async Task<string> SessionAsync()
    {
        var id = $"e{Guid.NewGuid():N}";
        await documents.AddAsync("painting", id, "Seal", "{\"face\": null}");
        return id;
    }

    private static (string Id, string Body)[] Numbered(int from, int to, string body = "{}") => [.. Enumerable.Range(from, to - from + 1).Select(n => ($"t-{n}", body))];

    [Fact]
    public async Task SentTwiceItIsThereOnceAsItWasFirst()
    {
        var id = await SessionAsync();
        Assert.Equal(3, await events.AddAsync(id, Numbered(1, 3, "{\"words\": \"first\"}"), 10));
        Assert.Equal(5, await events.AddAsync(id, Numbered(2, 5, "{\"words\": \"second\"}"), 10));
        var all = await events.AllAsync(id);
        Assert.Equal((3, 2), (all.Count(b => b.Contains("first", StringComparison.Ordinal)), all.Count(b => b.Contains("second", StringComparison.Ordinal))));
        // From several devices at the same moment: each thing once.
        var sent = await Task.WhenAll(Enumerable.Range(0, 8).Select(k => events.AddAsync(id, Numbered(4, 8), 10)));
        Assert.Equal(8, sent.Max());
        Assert.Equal(8, (await events.AllAsync(id)).Count);
    }

    [Fact]
    public async Task TooManyAreRefusedAndNoneOfThemKept()
    {
        var id = await SessionAsync();
        Assert.Equal(4, await events.AddAsync(id, Numbered(1, 4), 5));
        Assert.Null(await events.AddAsync(id, Numbered(5, 6), 5));
        Assert.Equal(4, (await events.AllAsync(id)).Count);
        await Assert.ThrowsAsync<MissingDocumentException>(() => events.AddAsync("nowhere", Numbered(1, 1), 5));
        Assert.Empty(await new ChairEventStore(database.Source, "elsewhere").AllAsync(id));
    }

    [Fact]
    public async Task TheyGoWithTheirEntry()
    {
        var (id, other) = (await SessionAsync(), await SessionAsync());
        await events.AddAsync(id, Numbered(1, 2), 5);
        await events.AddAsync(other, Numbered(1, 2), 5);
        await documents.EraseAsync("painting", id);
        Assert.Empty(await events.AllAsync(id));
        Assert.Equal(2, (await events.AllAsync(other)).Count);
    }
}
