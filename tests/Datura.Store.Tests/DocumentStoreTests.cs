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
        Assert.Equal((id, 1), await store.AddAsync(Kind, id, "Spring", "{\"mm\": 1}"));
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
                return (await store.AddAsync(Kind, id, "x", "{}")).Revision;
            }
            catch (TakenIdException)
            {
                return 0;
            }
        }));
        Assert.Equal(1, answers.Sum());
    }

    // Its answer was lost, so it is sent again, several times at once: one revision, and everybody is told the same.
    [Fact]
    public async Task ASaveSentAgainIsTheSameSave()
    {
        var (id, key) = (Fresh(), Fresh());
        await store.AddAsync(Kind, id, "Slack", "{}");
        var answers = await Task.WhenAll(Enumerable.Range(0, 12).Select(_ => store.SaveAsync(Kind, id, 1, "Slack", "{\"mm\": 2}", key)));
        Assert.All(answers, a => Assert.Equal(2, a));
        await store.SaveAsync(Kind, id, 2, "Slack", "{\"mm\": 3}", Fresh());
        Assert.Equal(2, await store.SaveAsync(Kind, id, 1, "Slack", "{\"mm\": 2}", key));
        Assert.Equal([3, 2, 1], (await store.RevisionsAsync(Kind, id)).Select(r => r.Revision));
        // The same key with other work in it is no excuse to lose that work.
        await Assert.ThrowsAsync<StaleRevisionException>(() => store.SaveAsync(Kind, id, 1, "Slack", "{\"mm\": 9}", key));
        await Assert.ThrowsAsync<TakenSaveKeyException>(() => store.SaveAsync(Kind, id, 3, "Slack", "{\"mm\": 9}", key));
        Assert.Equal(3, (await store.GetAsync(Kind, id)).Revision);
    }

    [Fact]
    public async Task ADocumentAddedAgainIsTheSameDocument()
    {
        var (id, key) = (Fresh(), Fresh());
        var answers = await Task.WhenAll(Enumerable.Range(0, 8).Select(n => store.AddAsync(Kind, $"{id}-{n}", "Bore", "{\"mm\": 4}", key)));
        var first = Assert.Single(answers.Distinct());
        Assert.Equal(1, first.Revision);
        Assert.Equal([1], (await store.RevisionsAsync(Kind, first.Id)).Select(r => r.Revision));
        await Assert.ThrowsAsync<MissingDocumentException>(() => store.GetAsync(Kind, answers.Length > 1 && first.Id.EndsWith("-0", StringComparison.Ordinal) ? $"{id}-1" : $"{id}-0"));
    }

    [Fact]
    public async Task TheBinKeepsWhatIsRemovedForItsTimeAndNoLonger()
    {
        var (kept, gone, listed) = (Fresh(), Fresh(), Fresh());
        foreach (var id in new[] { kept, gone, listed })
        {
            await store.AddAsync(Kind, id, $"Bin {id}", "{}");
        }

        await store.RemoveAsync(Kind, gone, 1);
        await Task.Delay(1200);
        await store.RemoveAsync(Kind, kept, 1);
        var heads = await store.ListAsync(Kind, "Bin ", removed: true);
        Assert.All(heads, h => Assert.NotNull(h.RemovedAt));
        Assert.True(await store.EmptyBinAsync(TimeSpan.FromSeconds(1)) >= 1);
        await Assert.ThrowsAsync<MissingDocumentException>(() => store.PutBackAsync(Kind, gone));
        await Assert.ThrowsAsync<MissingDocumentException>(() => store.RevisionsAsync(Kind, gone));
        Assert.Equal(1, await store.PutBackAsync(Kind, kept));
        Assert.Equal(1, (await store.GetAsync(Kind, listed)).Revision);
        // Its id is free again.
        Assert.Equal((gone, 1), await store.AddAsync(Kind, gone, "Anew", "{}"));
    }

    // However many copies start at once on an empty database, and however one of them ends: all of the demo or nothing.
    [Fact]
    public async Task AStudioIsFilledOnceAndWholly()
    {
        var studio = Fresh();
        await database.AddStudioAsync(studio);
        DocumentStore New() => new(database.Source, studio);
        static IEnumerable<(string, string, string, string)> Some(int breaksAt)
        {
            for (var n = 0; n < 40; n++)
            {
                yield return n == breaksAt ? throw new IOException("cut") : (Kind, $"d{n}", $"D {n}", "{}");
            }
        }

        await Assert.ThrowsAsync<IOException>(() => New().FillAsync(Some(breaksAt: 25)));
        Assert.Empty(await New().ListAsync(Kind));
        var filled = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => New().FillAsync(Some(breaksAt: -1))));
        Assert.Single(filled, f => f);
        Assert.Equal(40, (await New().ListAsync(Kind)).Count);
        // One that its owner emptied stays empty.
        foreach (var head in await New().ListAsync(Kind))
        {
            await New().RemoveAsync(Kind, head.Id, 1);
        }

        Assert.False(await New().FillAsync(Some(breaksAt: -1)));
        Assert.Empty(await New().ListAsync(Kind));
    }

    // Two copies of the service on an empty database: both wait for each other and then find it up to date.
    [Fact]
    public async Task CopiesThatStartTogetherBringTheDatabaseUpToDateOnce()
    {
        var name = await database.CreateAnotherAsync();
        await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => Task.Run(() => Migrator.Run(name))));
        await using var source = NpgsqlDataSource.Create(name);
        Assert.Equal(1, (await new DocumentStore(source, "own").AddAsync(Kind, "t", "T", "{}")).Revision);
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
        await database.AddStudioAsync("stranger");
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
        Assert.True(await DocumentStore.AnswersAsync(database.Source));
        await using var nowhere = NpgsqlDataSource.Create("Host=127.0.0.1;Port=1;Username=nobody;Timeout=1");
        Assert.False(await DocumentStore.AnswersAsync(nowhere));
    }

    [Fact]
    public async Task WhatNobodySavedForLongGoesIntoTheBinAndIsPutBackFromIt()
    {
        var studio = Fresh();
        await database.AddStudioAsync(studio);
        var own = new DocumentStore(database.Source, studio);
        foreach (var id in new[] { "old", "touched", "new" })
        {
            await own.AddAsync("face", id, id, "{}");
        }

        await using (var db = await database.Source.OpenConnectionAsync())
        {
            await using var age = new NpgsqlCommand($"select set_config('datura.studio', '{studio}', false); update document_revision set saved_at = now() - interval '500 days' where id <> 'new'", db);
            await age.ExecuteNonQueryAsync();
        }

        await own.SaveAsync("face", "touched", 1, "touched", "{}");
        Assert.Equal(1, await own.RemoveOldAsync("face", TimeSpan.FromDays(400)));
        Assert.Equal(0, await own.RemoveOldAsync("face", TimeSpan.FromDays(400)));
        Assert.Equal(["new", "touched"], (await own.ListAsync("face")).Select(f => f.Id));
        // It has its thirty days there, however old it is.
        Assert.Equal(0, await own.EmptyBinAsync(TimeSpan.FromDays(30)));
        Assert.Equal(1, await own.PutBackAsync("face", "old"));
    }
}
