using Npgsql;

namespace Datura.Store.Tests;

/// <summary>A wearer's card is kept until its day, by one hand at a time, and what is deleted is gone from the table.</summary>
public class WearerCardTests(Database database) : IClassFixture<Database>
{
    private static readonly DateOnly Today = new(2026, 11, 28);

    private readonly WearerCardStore cards = new(database.Source, "own");
    private readonly DocumentStore documents = new(database.Source, "own");

    private async Task<string> FaceAsync()
    {
        var face = $"c{Guid.NewGuid():N}";
        await documents.AddAsync("face", face, "Someone", "{}");
        return face;
    }

    private async Task<long> RowsAsync(string face)
    {
        await using var db = await database.Source.OpenConnectionAsync();
        await using var work = await db.BeginTransactionAsync();
        await using var named = new NpgsqlCommand("select set_config('datura.studio', 'own', true)", db, work);
        await named.ExecuteNonQueryAsync();
        await using var count = new NpgsqlCommand("select count(*) from wearer_card where face_id = $1 or body::text like '%' || $1 || '%'", db, work) { Parameters = { new() { Value = face } } };
        return (long)(await count.ExecuteScalarAsync())!;
    }

    [Fact]
    public async Task WhatIsKeptIsReadUntilItsDayHasPassed()
    {
        var face = await FaceAsync();
        Assert.Null(await cards.FindAsync(face, Today));
        Assert.Equal(1, await cards.SaveAsync(face, 0, "{\"wants\": \"a seal\"}", Today.AddDays(30), Today));
        Assert.Contains("a seal", (await cards.FindAsync(face, Today.AddDays(30)))!.Body, StringComparison.Ordinal);
        Assert.Null(await cards.FindAsync(face, Today.AddDays(31)));
        Assert.Null(await new WearerCardStore(database.Source, "elsewhere").FindAsync(face, Today));
    }

    [Fact]
    public async Task OfTwoWhoSaveTheSecondIsTold()
    {
        var face = await FaceAsync();
        await cards.SaveAsync(face, 0, "{\"a\": 1}", Today, Today);
        await Assert.ThrowsAsync<StaleRevisionException>(() => cards.SaveAsync(face, 0, "{\"a\": 2}", Today, Today));
        Assert.Equal(2, await cards.SaveAsync(face, 1, "{\"a\": 3}", Today, Today));
        Assert.Contains("3", (await cards.FindAsync(face, Today))!.Body, StringComparison.Ordinal);
        await Assert.ThrowsAsync<MissingDocumentException>(() => cards.SaveAsync("nobody", 0, "{}", Today, Today));
        // At the same moment: one of them, and nothing lost of it.
        var another = await FaceAsync();
        var both = await Task.WhenAll(Enumerable.Range(0, 8).Select(async k =>
        {
            try
            {
                return await cards.SaveAsync(another, 0, $"{{\"by\": {k}}}", Today, Today);
            }
            catch (StaleRevisionException)
            {
                return 0;
            }
        }));
        Assert.Single(both, r => r == 1);
    }

    // The row is gone, not hidden; nothing of it is left anywhere in the table.
    [Fact]
    public async Task WhatIsDeletedIsGone()
    {
        var (face, old, kept) = (await FaceAsync(), await FaceAsync(), await FaceAsync());
        await cards.SaveAsync(face, 0, "{}", Today.AddDays(3), Today);
        Assert.True(await cards.DeleteAsync(face));
        Assert.False(await cards.DeleteAsync(face));
        Assert.Equal(0, await RowsAsync(face));
        await cards.SaveAsync(old, 0, "{}", Today.AddDays(3), Today);
        await cards.SaveAsync(kept, 0, "{}", Today.AddDays(4), Today);
        Assert.True(await cards.ForgetOldAsync(Today.AddDays(4)) > 0);
        Assert.Equal((0, 1), (await RowsAsync(old), await RowsAsync(kept)));
    }

    // A card may be begun anew after its day; the old one does not stand in its way.
    [Fact]
    public async Task AfterItsDayACardBeginsAnew()
    {
        var face = await FaceAsync();
        await cards.SaveAsync(face, 0, "{\"a\": \"old\"}", Today, Today);
        Assert.Equal(1, await cards.SaveAsync(face, 0, "{\"a\": \"new\"}", Today.AddDays(40), Today.AddDays(10)));
        Assert.DoesNotContain("old", (await cards.FindAsync(face, Today.AddDays(10)))!.Body, StringComparison.Ordinal);
    }

    [Fact]
    public async Task CardAndBookGoWithTheFaceAndNothingElse()
    {
        var (face, other) = (await FaceAsync(), await FaceAsync());
        foreach (var one in new[] { face, other })
        {
            await cards.SaveAsync(one, 0, "{}", Today.AddDays(3), Today);
            await documents.AddAsync("painting", $"p-{one}", "Seal", $"{{\"face\": \"{one}\"}}");
        }

        // Said of the face once, and of nobody since: the earlier save goes too.
        await documents.AddAsync("painting", $"q-{face}", "Seal", $"{{\"face\": \"{face}\"}}");
        await documents.SaveAsync("painting", $"q-{face}", 1, "Seal", "{\"face\": null}");
        await documents.EraseAsync("face", face);
        Assert.Equal((0, 1), (await RowsAsync(face), await RowsAsync(other)));
        foreach (var gone in new[] { $"p-{face}", $"q-{face}" })
        {
            await Assert.ThrowsAsync<MissingDocumentException>(() => documents.HistoryAsync("painting", gone));
        }

        Assert.Single(await documents.HistoryAsync("painting", $"p-{other}"));
    }
}
