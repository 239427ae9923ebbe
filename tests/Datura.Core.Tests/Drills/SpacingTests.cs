using Datura.Core.Drills;

namespace Datura.Core.Tests.Drills;

/// <summary>The spacing rule by its formula.</summary>
public class SpacingTests
{
    [Fact]
    public void HalfIsKeptAfterAHalfLife()
    {
        Assert.Equal(1, new Spacing(5).Kept(0));
        Assert.Equal(0.5, new Spacing(5).Kept(5), 12);
        Assert.Equal(0.25, new Spacing(5).Kept(10), 12);
        Assert.Equal(0.7, new Spacing(5).Kept(new Spacing(5).DueDays), 12);
    }

    // Practised well on the very day on which it is due, the next is twice as far away, until the farthest.
    [Fact]
    public void WellPractisedWhenDueItDoubles()
    {
        var spacing = Spacing.New;
        for (var n = 1; n <= 5; n++)
        {
            spacing = spacing.After(1, spacing.DueDays);
            Assert.Equal(Math.Min(Spacing.LongestDays, Spacing.FirstHalfLifeDays * Math.Pow(2, n)), spacing.HalfLifeDays, 9);
        }

        Assert.Equal(Spacing.LongestDays, Enumerable.Range(0, 20).Aggregate(spacing, (s, _) => s.After(1, s.DueDays)).HalfLifeDays);
    }

    [Fact]
    public void TwiceOnOneEveningTeachesLittleMore()
    {
        Assert.Equal(8, new Spacing(8).After(1, 0).HalfLifeDays, 9);
        Assert.True(new Spacing(8).After(1, 0.1).HalfLifeDays < 8.3);
        // What came back after long is worth more than what had hardly faded.
        Assert.True(new Spacing(8).After(0.9, 12).HalfLifeDays > new Spacing(8).After(0.9, 2).HalfLifeDays);
    }

    [Fact]
    public void WhatWentBadlyComesSooner()
    {
        Assert.Equal(4, new Spacing(8).After(0, 5).HalfLifeDays, 9);
        Assert.Equal(Spacing.ShortestDays, Enumerable.Range(0, 20).Aggregate(Spacing.New, (s, _) => s.After(0, 1)).HalfLifeDays);
        var last = 0.0;
        for (var quality = -0.5; quality < 1.5; quality += 0.05)
        {
            var next = new Spacing(8).After(quality, 4).HalfLifeDays;
            Assert.True(next >= last);
            last = next;
        }
    }
}
