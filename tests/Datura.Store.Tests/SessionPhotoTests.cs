namespace Datura.Store.Tests;

/// <summary>Photos of sessions: each once, never too many, of one studio alone, and gone with their session.</summary>
public class SessionPhotoTests(Database database) : IClassFixture<Database>
{
    private static readonly DateTimeOffset At = new(2026, 10, 31, 17, 0, 0, TimeSpan.FromHours(1));

    private readonly SessionPhotoStore photos = new(database.Source, "own");
    private readonly ChairEventStore events = new(database.Source, "own");
    private readonly DocumentStore documents = new(database.Source, "own");

    private async Task<string> SessionAsync()
    {
        var id = $"p{Guid.NewGuid():N}";
        await documents.AddAsync("painting", id, "Seal", "{\"face\": null}");
        return id;
    }

    [Fact]
    public async Task SentTwiceItIsThereOnceAsItWasFirst()
    {
        var id = await SessionAsync();
        Assert.True(await photos.AddAsync(id, "b", At.AddMinutes(5), [2], 3));
        Assert.True(await photos.AddAsync(id, "a", At, [1], 3));
        Assert.True(await photos.AddAsync(id, "a", At.AddDays(1), [9], 3));
        var all = await photos.AllAsync(id);
        Assert.Equal(["a", "b"], all.Select(p => p.Id));
        Assert.Equal(At.UtcDateTime, all[0].TakenAt.ToUniversalTime());
        Assert.Equal([1], await photos.PictureAsync(id, "a"));
        Assert.Null(await photos.PictureAsync(id, "c"));
    }

    [Fact]
    public async Task TooManyAreRefusedAndOthersSeeNone()
    {
        var id = await SessionAsync();
        Assert.True(await photos.AddAsync(id, "a", At, [1], 1));
        Assert.False(await photos.AddAsync(id, "b", At, [2], 1));
        Assert.Single(await photos.AllAsync(id));
        await Assert.ThrowsAsync<MissingDocumentException>(() => photos.AddAsync("nowhere", "a", At, [1], 1));
        Assert.Empty(await new SessionPhotoStore(database.Source, "elsewhere").AllAsync(id));
        Assert.Null(await new SessionPhotoStore(database.Source, "elsewhere").PictureAsync(id, "a"));
        await photos.DeleteAsync(id, "a");
        Assert.Empty(await photos.AllAsync(id));
    }

    [Fact]
    public async Task TheyGoWithTheirSession()
    {
        var id = await SessionAsync();
        await photos.AddAsync(id, "a", At, [1], 3);
        await documents.EraseAsync("painting", id);
        Assert.Empty(await photos.AllAsync(id));
    }

    // They were allowed by the card and go with it, at once or on its day; those of others stay.
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public async Task TheyGoWithTheWearersCard(bool atOnce)
    {
        var (face, other, today) = ($"f{Guid.NewGuid():N}", $"f{Guid.NewGuid():N}", new DateOnly(2026, 11, 20));
        var cards = new WearerCardStore(database.Source, "own");
        var ids = new List<string>();
        foreach (var wearer in new[] { face, other })
        {
            await documents.AddAsync("face", wearer, "Somebody", "{}");
            await cards.SaveAsync(wearer, 0, "{}", wearer == face ? today : today.AddDays(90), today);
            ids.Add($"p{Guid.NewGuid():N}");
            await documents.AddAsync("painting", ids[^1], "Seal", $"{{\"face\": \"{wearer}\"}}");
            await photos.AddAsync(ids[^1], "a", At, [1], 3);
        }

        if (atOnce)
        {
            Assert.True(await cards.DeleteAsync(face));
        }
        else
        {
            await cards.ForgetOldAsync(today.AddDays(1));
        }

        Assert.Empty(await photos.AllAsync(ids[0]));
        Assert.Single(await photos.AllAsync(ids[1]));
        Assert.NotNull(await cards.FindAsync(other, today));
    }

    private async Task<IReadOnlyList<StoredSession>> SessionOnAsync(string day)
    {
        await documents.AddAsync("painting", $"p{Guid.NewGuid():N}", "Seal", $"{{\"on\": \"{day}\"}}");
        return await events.SinceAsync(DateOnly.ParseExact(day, "yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture));
    }

    [Fact]
    public async Task SessionsFromADayOnComeWithWhatHappened()
    {
        var id = await SessionAsync();
        await documents.SaveAsync("painting", id, 1, "Seal", "{\"on\": \"2031-05-02\"}");
        await events.AddAsync(id, [("e1", "{}"), ("e2", "{}")], 10);
        var found = Assert.Single(await events.SinceAsync(new(2031, 5, 2)));
        Assert.Equal((2, "[{}, {}]"), (found.Revision, found.Events));
        Assert.Equal("[]", Assert.Single(await SessionOnAsync("2031-05-04")).Events);
        Assert.Empty(await events.SinceAsync(new(2031, 5, 5)));
        Assert.Empty(await new ChairEventStore(database.Source, "elsewhere").SinceAsync(new(2031, 5, 1)));
    }

    // What was learned is learned anew when anything in the book changes, and only then.
    [Fact]
    public async Task TheStampChangesWithTheBookAndWithTheChair()
    {
        var id = await SessionAsync();
        var first = await events.StampAsync();
        Assert.Equal(first, await events.StampAsync());
        await events.AddAsync(id, [("e1", "{}")], 10);
        var second = await events.StampAsync();
        Assert.NotEqual(first, second);
        await documents.SaveAsync("painting", id, 1, "Seal", "{\"face\": null, \"notes\": \"x\"}");
        Assert.NotEqual(second, await events.StampAsync());
        Assert.Equal("{}", Assert.Single((await events.OfStudioAsync())[id]));
        Assert.Empty(await new ChairEventStore(database.Source, "elsewhere").OfStudioAsync());
    }
}
