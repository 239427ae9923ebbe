using Npgsql;

namespace Datura.Store.Tests;

/// <summary>Promises of the store, on a real PostgreSQL and without the service: nothing lost, one winner, one studio blind to the other.</summary>
public class DocumentStoreTests(Database database) : IClassFixture<Database>
{
    private const string Kind = "tide";
    private readonly DocumentStore store = new(database.Source, "own");

    private static string Fresh() => $"t{Guid.NewGuid():N}";

    [Fact]
    public async Task ADocumentComesBackAtEveryRevision()
    {
        var id = Fresh();
        Assert.Equal(1, await store.AddAsync(Kind, id, "Spring", "{\"mm\": 1}"));
        for (var n = 2; n <= 5; n++)
        {
            Assert.Equal(n, await store.SaveAsync(Kind, id, n - 1, $"Spring {n}", $"{{\"mm\": {n}}}"));
        }

        for (var n = 1; n <= 5; n++)
        {
            Assert.Contains($": {n}}}", (await store.GetAsync(Kind, id, n)).Body, StringComparison.Ordinal);
        }

        var newest = await store.GetAsync(Kind, id);
        Assert.Equal((5, "Spring 5"), (newest.Revision, newest.Name));
        Assert.Equal([5, 4, 3, 2, 1], (await store.RevisionsAsync(Kind, id)).Select(r => r.Revision));
    }

    // Fifty writers that all read the same revision: one is saved, the others are told the newest, and no revision is lost or doubled.
    [Fact]
    public async Task OfManyWritersOneWins()
    {
        var id = Fresh();
        await store.AddAsync(Kind, id, "Neap", "{}");
        var answers = await Task.WhenAll(Enumerable.Range(0, 50).Select(async n =>
        {
            try
            {
                return await store.SaveAsync(Kind, id, 1, $"Neap {n}", $"{{\"writer\": {n}}}");
            }
            catch (StaleRevisionException stale)
            {
                Assert.Equal((1, 2), (stale.Read, stale.Current));
                return 0;
            }
        }));
        Assert.Equal(2, Assert.Single(answers, a => a > 0));
        Assert.Equal([2, 1], (await store.RevisionsAsync(Kind, id)).Select(r => r.Revision));
    }

    [Fact]
    public async Task AnIdIsTakenOnce()
    {
        var id = Fresh();
        var answers = await Task.WhenAll(Enumerable.Range(0, 8).Select(async _ =>
        {
            try
            {
                return await store.AddAsync(Kind, id, "x", "{}");
            }
            catch (TakenIdException)
            {
                return 0;
            }
        }));
        Assert.Equal(1, answers.Sum());
    }

    [Fact]
    public async Task WhatIsRemovedIsOffTheListsAndComesBackWhole()
    {
        var id = Fresh();
        await store.AddAsync(Kind, id, $"Ebb {id}", "{\"mm\": 7}");
        await Assert.ThrowsAsync<StaleRevisionException>(() => store.RemoveAsync(Kind, id, 9));
        await store.RemoveAsync(Kind, id, 1);
        await Assert.ThrowsAsync<MissingDocumentException>(() => store.GetAsync(Kind, id));
        await Assert.ThrowsAsync<MissingDocumentException>(() => store.SaveAsync(Kind, id, 1, "x", "{}"));
        Assert.DoesNotContain(await store.ListAsync(Kind), d => d.Id == id);
        Assert.Contains(await store.ListAsync(Kind, removed: true), d => d.Id == id);
        Assert.Equal(1, await store.PutBackAsync(Kind, id));
        Assert.Equal(1, await store.PutBackAsync(Kind, id));
        Assert.Contains("7", (await store.GetAsync(Kind, id)).Body, StringComparison.Ordinal);
        await Assert.ThrowsAsync<MissingDocumentException>(() => store.PutBackAsync(Kind, Fresh()));
    }

    [Fact]
    public async Task NamesAreFoundWhateverTheCaseAndSignsInThemMeanNothing()
    {
        var mark = Fresh();
        string[] names = [$"{mark} 50% Kelp", $"{mark} under_score", $"{mark} O'Rourke; drop table document; --"];
        foreach (var name in names)
        {
            await store.AddAsync(Kind, Fresh(), name, "{}");
        }

        async Task<int> Found(string search) => (await store.ListAsync(Kind, $"{mark} {search}")).Count;
        Assert.Equal(1, await Found("50% KELP"));
        Assert.Equal(0, await Found("5_% kelp"));
        Assert.Equal(1, await Found("o'rourke; DROP"));
        Assert.Equal(3, await Found(""));
    }

    [Fact]
    public async Task KindsAndStudiosDoNotSeeEachOther()
    {
        var id = Fresh();
        await store.AddAsync(Kind, id, "Ours", "{}");
        await Assert.ThrowsAsync<MissingDocumentException>(() => store.GetAsync("other", id));
        await using var studio = database.Source.CreateCommand("insert into studio (id, name) values ('stranger', 'Stranger') on conflict do nothing");
        await studio.ExecuteNonQueryAsync();
        var stranger = new DocumentStore(database.Source, "stranger");
        await stranger.AddAsync(Kind, id, "Theirs", "{\"mm\": 2}");
        Assert.Equal("Ours", (await store.GetAsync(Kind, id)).Name);
        await stranger.RemoveAsync(Kind, id, 1);
        Assert.Equal("Ours", (await store.GetAsync(Kind, id)).Name);
        await Assert.ThrowsAsync<MissingDocumentException>(() => stranger.SaveAsync(Kind, id, 1, "Theirs", "{}"));
        Assert.DoesNotContain(await stranger.AllAsync(Kind), d => d.Id == id);
    }

    // A body that is no JSON keeps nothing, not even its name.
    [Fact]
    public async Task AFailedSaveLeavesNoTrace()
    {
        var id = Fresh();
        await Assert.ThrowsAsync<PostgresException>(() => store.AddAsync(Kind, id, "Broken", "{"));
        await Assert.ThrowsAsync<MissingDocumentException>(() => store.GetAsync(Kind, id));
        await store.AddAsync(Kind, id, "Whole", "{}");
        await Assert.ThrowsAsync<PostgresException>(() => store.SaveAsync(Kind, id, 1, "Broken", "{"));
        Assert.Equal((1, "Whole"), ((await store.GetAsync(Kind, id)).Revision, (await store.GetAsync(Kind, id)).Name));
    }

    [Fact]
    public void BringingUpToDateTwiceChangesNothing() => Assert.Null(Record.Exception(() => Migrator.Run(database.Connection)));

    [Fact]
    public async Task ADatabaseThatIsNotThereDoesNotAnswer()
    {
        Assert.True(await store.AnswersAsync());
        await using var nowhere = NpgsqlDataSource.Create("Host=127.0.0.1;Port=1;Username=nobody;Timeout=1");
        Assert.False(await new DocumentStore(nowhere, "own").AnswersAsync());
    }
}
