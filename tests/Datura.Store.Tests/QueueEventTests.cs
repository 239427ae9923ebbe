using System.Security.Cryptography;
using Datura.Store.Accounts;

namespace Datura.Store.Tests;

/// <summary>Events of a queue, and the links by which phones watch it.</summary>
public class QueueEventTests(Database database) : IClassFixture<Database>
{
    private QueueEventStore Events => new(database.Source, "own");

    private async Task<string> DayAsync()
    {
        var id = $"d{Guid.NewGuid():N}";
        await new DocumentStore(database.Source, "own").AddAsync("day", id, "Quay stall", "{}");
        return id;
    }

    [Fact]
    public async Task EventsStayInTheOrderInWhichTheyArrivedAndAreKeptOnce()
    {
        var day = await DayAsync();
        await Events.AddAsync(day, [("z", "{\"n\": 1}"), ("a", "{\"n\": 2}")], 10);
        await Events.AddAsync(day, [("a", "{\"n\": 9}"), ("m", "{\"n\": 3}")], 10);
        Assert.Equal(["{\"n\": 1}", "{\"n\": 2}", "{\"n\": 3}"], await Events.AllAsync(day));
    }

    // Two devices that call at the same moment: the order is the same for whoever asks.
    [Fact]
    public async Task WhatArrivesTogetherHasOneOrder()
    {
        var day = await DayAsync();
        await Task.WhenAll(Enumerable.Range(0, 12).Select(n => Events.AddAsync(day, [($"{n} a", $"{n}"), ($"{n} b", $"{n}")], 100)));
        var all = await Events.AllAsync(day);
        Assert.Equal(24, all.Count);
        Assert.Equal(all, await Events.AllAsync(day));
        // What one device sent together stays together.
        Assert.All(Enumerable.Range(0, 12), k => Assert.Equal(all[2 * k], all[2 * k + 1]));
    }

    [Fact]
    public async Task TooManyAreRefusedWhole()
    {
        var day = await DayAsync();
        Assert.Null(await Events.AddAsync(day, [("a", "1"), ("b", "2"), ("c", "3")], 2));
        Assert.Empty(await Events.AllAsync(day));
        await Assert.ThrowsAsync<MissingDocumentException>(() => Events.AddAsync("nowhere", [("a", "1")], 2));
    }

    [Fact]
    public async Task ALinkIsFoundByItsHashUntilItsDay()
    {
        var links = new QueueLinkStore(database.Source);
        var (day, token, old) = (await DayAsync(), RandomNumberGenerator.GetBytes(32), RandomNumberGenerator.GetBytes(32));
        await links.AddAsync("own", day, token, DateTime.UtcNow.AddDays(1));
        await links.AddAsync("own", day, old, DateTime.UtcNow.AddDays(-1));
        Assert.Equal(("own", day), await links.FindAsync(token));
        Assert.Null(await links.FindAsync(old));
        Assert.Null(await links.FindAsync([1, 2, 3]));
    }
}
