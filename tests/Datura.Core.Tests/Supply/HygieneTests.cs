using Datura.Core.Supply;

namespace Datura.Core.Tests.Supply;

/// <summary>Between two faces: as many brushes as are needed and no more, by brute force and by an evening played through.</summary>
public class HygieneTests
{
    private static readonly FaceSupply Keeper = FaceSupply.Of(DemoWorld.Plan("drowned-lamp-keeper"), DemoWorld.Kit);
    private static readonly FaceSupply Seal = FaceSupply.Of(DemoWorld.Plan("quay-seal"), DemoWorld.Kit);
    private static readonly Case Stall = new("Stall", "saltmarsh-box", "night-parade", [new("quay-seal", null, 5), new("drowned-lamp-keeper", null, 3)]);

    // Whenever a face begins, nobody holds more brushes than are in use or wet: that many are needed, and that many are enough.
    [Fact]
    public void AsManyBrushesAsAreEverInUseOrWetAtOnce()
    {
        var random = new Random(11);
        for (var n = 0; n < 300; n++)
        {
            var at = 0.0;
            var uses = Enumerable.Range(1, random.Next(1, 30)).Select(face =>
            {
                var (from, ready) = (at, at + random.NextDouble() * 20);
                at += random.NextDouble() * 8;
                return (Face: face, From: from, Ready: (double?)ready);
            }).ToArray();
            var cycle = ToolCycle.Of("round3", "round brush 3", uses);
            Assert.Equal(uses.Max(u => uses.Count(o => o.From <= u.From && o.Ready > u.From)), cycle.Needed);
            // No brush is on a face before it is clean from the one before.
            Assert.All(cycle.Turns.GroupBy(t => t.Piece), g => Assert.All(g.Zip(g.Skip(1)), t => Assert.True(t.First.ReadyMinutes <= t.Second.FromMinutes)));
            Assert.Equal(uses.Select(u => u.Face), cycle.Turns.Select(t => t.Face));
        }
    }

    [Fact]
    public void ABrushThatIsNotCleanAgainTonightIsOneForEveryFace()
    {
        Assert.Equal(7, ToolCycle.Of("r", "r", Enumerable.Range(1, 7).Select(k => (k, 60.0 * k, (double?)null))).Needed);
        Assert.Equal(0, ToolCycle.Of("r", "r", []).Needed);
    }

    [Fact]
    public void TheSchoolsDifferInBrushesAndInTime()
    {
        HygienePlan With(BrushSchool school) => HygienePlan.Of(Stall with { Brushes = school }, [(5, Seal), (3, Keeper)]);
        var (wiped, alcohol, sets) = (With(BrushSchool.Wiped), With(BrushSchool.AlcoholBetween), With(BrushSchool.SetForEveryFace));
        Assert.All(wiped.Tools, t => Assert.Equal(1, t.Needed));
        Assert.All(alcohol.Tools, t => Assert.True(t.Needed >= wiped.Tools.Single(w => w.Tool == t.Tool).Needed));
        Assert.All(sets.Tools, t => Assert.Equal(t.Turns.Count, t.Needed));
        Assert.True(alcohol.BetweenMinutes > wiped.BetweenMinutes && wiped.BetweenMinutes > sets.BetweenMinutes);
        // Of the queue's time: painting and what lies between add up.
        Assert.Equal(5 * Seal.Minutes + 3 * Keeper.Minutes + 8 * alcohol.BetweenMinutes, alcohol.EveningMinutes, 6);
        Assert.Equal(60 * 8 / alcohol.EveningMinutes, alcohol.FacesPerHour, 6);
        Assert.Equal(alcohol.BetweenMinutes, alcohol.Between.Sum(t => t.Minutes), 9);
    }

    [Fact]
    public void TheLooksOfAnEveningAreMixedEvenly()
    {
        var turns = FaceTurn.Of([(6, Seal), (3, Keeper)], 2);
        Assert.Equal(9, turns.Count);
        Assert.Equal(6, turns.Count(t => t.Line == 0));
        // After any number of faces no look lags a whole face behind its share.
        Assert.All(Enumerable.Range(1, 9), k => Assert.InRange(turns.Take(k).Count(t => t.Line == 1), k / 3.0 - 1, k / 3.0 + 1));
        Assert.All(turns.Zip(turns.Skip(1)), t => Assert.Equal(2, t.Second.FromMinutes - t.First.ToMinutes, 9));
        Assert.Empty(FaceTurn.Of([], 2));
    }

    [Fact]
    public void OneSpongeAFaceIsFewerThanOneForEveryColour()
    {
        int Sponges(SpongeSchool school) => PackedCase.Of(Stall with { Sponges = school }, [(5, Seal), (3, Keeper)], DemoWorld.Kit).Tools.Where(t => t.Fresh).Sum(t => t.Count);
        Assert.True(Sponges(SpongeSchool.Face) < Sponges(SpongeSchool.ColourAndFace));
        var nobody = HygienePlan.Of(Stall, []);
        Assert.True(nobody is { BetweenMinutes: 0, EveningMinutes: 0, FacesPerHour: 0 } && nobody.Tools.Count == 0);
    }

    [Fact]
    public void TheCalendarLeavesTimeForWhatTakesTime()
    {
        var kit = DemoWorld.Kit with { Paints = [.. DemoWorld.Kit.Paints.Select(p => p with { LeftMl = 2, PotMl = 10, Pot = new(new DateOnly(2026, 1, 1), KeepsMonths: 12) })] };
        var run = Stall with { On = new DateOnly(2026, 12, 20), Evenings = 20, EveryDays = 7 };
        var days = CaseCalendar.Of(run, PackedCase.Of(run, [(5, Seal), (3, Keeper)], kit));
        Assert.Equal(days.OrderBy(d => d.On).Select(d => d.On), days.Select(d => d.On));
        DateOnly On(string begins) => days.First(d => d.What.StartsWith(begins, StringComparison.Ordinal)).On;
        // A patch is looked at after 24 and 48 hours, so it is laid two days before (common practice).
        Assert.Equal(new DateOnly(2026, 12, 18), On("Patch test"));
        Assert.Equal(new DateOnly(2026, 12, 13), On("Buy paint"));
        Assert.Equal(new DateOnly(2026, 12, 19), On("Sponges washed"));
        Assert.Equal(new DateOnly(2027, 1, 1), On("Last day of the open pot"));
        // What runs out does so on one of the evenings.
        Assert.All(days.Where(d => d.What.EndsWith("may run out", StringComparison.Ordinal)), d => Assert.Equal(0, (d.On.DayNumber - run.On!.Value.DayNumber) % 7));
        // Nobody is known before a booth: nobody can be tested.
        Assert.DoesNotContain(CaseCalendar.Of(run with { Queue = true }, PackedCase.Of(run, [(5, Seal)], kit)), d => d.What.StartsWith("Patch", StringComparison.Ordinal));
        Assert.Empty(CaseCalendar.Of(run with { On = null }, PackedCase.Of(run, [(5, Seal)], kit)));
    }

    // Its last evening is covered and the one after is not.
    [Fact]
    public void WhatIsThereLastsSoManyEveningsAndNotOneMore()
    {
        PackedPaint White(int evenings) => PackedCase.Of(Stall with { Evenings = evenings }, [(5, Seal), (3, Keeper)], DemoWorld.Kit).Paints.Single(p => p.Paint == "chalk-white");
        var run = White(400);
        var lasts = run.LastsEvenings!.Value;
        Assert.InRange(lasts, 1, 399);
        Assert.True(White(lasts).Ml <= run.LeftMl && White(lasts + 1).Ml > run.LeftMl);
        Assert.Equal(lasts, White(lasts).LastsEvenings);
    }
}
