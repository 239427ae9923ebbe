using Datura.Store.Accounts;
using Npgsql;

namespace Datura.Store.Tests;

/// <summary>The second wall: row-level security of PostgreSQL, for whatever a query asks.</summary>
public class WallTests(Database database) : IClassFixture<Database>
{
    private static readonly string[] Walled = ["document", "document_revision", "audit", "shown_look", "wearer_card", "chair_event", "session_photo", "queue_event"];

    [Fact]
    public async Task WhoeverNamesNoStudioSeesAndWritesNothing()
    {
        await new DocumentStore(database.Source, "own").AddAsync("look", $"w{Guid.NewGuid():N}", "Wall", "{}");
        await new ShownLookStore(database.Source, "own").KeepAsync("wall", "f", "k", "s", new('A', 64), "{}", [1]);
        await new DocumentStore(database.Source, "own").AddAsync("face", "walled", "Wall", "{}");
        await new WearerCardStore(database.Source, "own").SaveAsync("walled", 0, "{}", new(2026, 12, 24), new(2026, 12, 24));
        await new DocumentStore(database.Source, "own").AddAsync("painting", "walled", "Wall", "{}");
        await new ChairEventStore(database.Source, "own").AddAsync("walled", [("e1", "{}")], 10);
        await new DocumentStore(database.Source, "own").AddAsync("day", "walled", "Wall", "{}");
        await new QueueEventStore(database.Source, "own").AddAsync("walled", [("e1", "{}")], 10);
        await new SessionPhotoStore(database.Source, "own").AddAsync("walled", "p1", DateTimeOffset.UtcNow, [1], 10);
        foreach (var table in Walled)
        {
            Assert.Equal(0L, await ScalarAsync(null, $"select count(*) from {table}"));
            Assert.True((long)(await ScalarAsync("own", $"select count(*) from {table}"))! > 0);
            Assert.Equal(0L, await ScalarAsync("elsewhere", $"select count(*) from {table}"));
        }
    }

    [Fact]
    public async Task NobodyWritesIntoAnotherStudio()
    {
        await database.AddStudioAsync("own-too");
        var refused = await Assert.ThrowsAsync<PostgresException>(() =>
            ScalarAsync("own-too", "insert into document (studio_id, kind, id, name, revision) values ('own', 'look', 'planted', 'Planted', 1)"));
        Assert.Equal(PostgresErrorCodes.InsufficientPrivilege, refused.SqlState);
        await new DocumentStore(database.Source, "own").AddAsync("look", "fast", "Fast", "{}");
        await ScalarAsync("own-too", "update document set name = 'Taken' where id = 'fast'");
        await ScalarAsync("own-too", "delete from document_revision where id = 'fast'");
        Assert.Equal("Fast", (await new DocumentStore(database.Source, "own").GetAsync("look", "fast")).Name);
    }

    // A connection that goes back to the pool forgets whose it was.
    [Fact]
    public async Task APooledConnectionCarriesNoStudioOver()
    {
        await using var source = NpgsqlDataSource.Create(new NpgsqlConnectionStringBuilder(database.Connection) { MaxPoolSize = 1, NoResetOnClose = true, MaxAutoPrepare = 20 }.ConnectionString);
        var store = new DocumentStore(source, "own");
        // Often enough that its statements are prepared.
        for (var k = 0; k < 12; k++)
        {
            await store.ListAsync("look");
            await store.AddAsync("look", $"p{Guid.NewGuid():N}", "Pool", "{}");
            await Assert.ThrowsAsync<MissingDocumentException>(() => store.GetAsync("look", "nobody"));
        }

        await using var command = source.CreateCommand("select coalesce(current_setting('datura.studio', true), '')");
        Assert.Equal("", await command.ExecuteScalarAsync());
    }

    [Fact]
    public async Task OfTwoOwnersOneIsLeftHoweverTheyHurry()
    {
        var (accounts, members) = (new AccountStore(database.Source), new MemberStore(database.Source));
        for (var round = 0; round < 8; round++)
        {
            Account[] two = [Someone(), Someone()];
            foreach (var one in two)
            {
                Assert.True(await accounts.AddAsync(one));
            }

            var studio = await members.AddStudioAsync("Quay", two[0].Id);
            await members.SetRoleAsync(studio, two[1].Id, Role.Owner);
            var done = await Task.WhenAll(two.Select(a => Task.Run(() => members.SetRoleAsync(studio, a.Id, null))));
            Assert.Single(done, d => d);
            Assert.Equal(Role.Owner, Assert.Single(await members.OfStudioAsync(studio)).Role);
        }
    }

    [Fact]
    public async Task AnAccountIsNotOverwrittenByWhoReadItBefore()
    {
        var accounts = new AccountStore(database.Source);
        var account = Someone();
        await accounts.AddAsync(account);
        var (one, other) = ((await accounts.FindAsync(account.Id))!, (await accounts.FindAsync(account.Id))!);
        one.SecondFactor = true;
        other.PasswordHash = "another";
        Assert.True(await accounts.SaveAsync(one));
        Assert.False(await accounts.SaveAsync(other));
        Assert.True((await accounts.FindByNameAsync(account.SignInName))!.SecondFactor);
        Assert.False(await accounts.AddAsync(Someone(account.SignInName)));
    }

    private static Account Someone(string? signInName = null) => new() { Name = "Somebody", SignInName = signInName ?? $"{Guid.NewGuid():N}" };

    private async Task<object?> ScalarAsync(string? studio, string sql)
    {
        await using var db = await database.Source.OpenConnectionAsync();
        if (studio is not null)
        {
            await using var set = new NpgsqlCommand("select set_config('datura.studio', $1, false)", db) { Parameters = { new() { Value = studio } } };
            await set.ExecuteScalarAsync();
        }

        await using var command = new NpgsqlCommand(sql, db);
        return await command.ExecuteScalarAsync();
    }
}
