using Datura.Core.Chair;
using Datura.Core.Fit;

namespace Datura.Core.Tests.Chair;

/// <summary>Behind time, what is left out is the least that still ends in time: by trying every choice, on sessions drawn at random.</summary>
public class ChairRestTests
{
    internal static (ChairStepState[] Steps, ChairWay[] Ways) Drawn(Random random, int parts, bool two = false)
    {
        var steps = new List<ChairStep>();
        for (var p = 0; p < parts; p++)
        {
            for (var c = 0; c < 1 + random.Next(3); c++)
            {
                var (key, seconds, setUp) = ($"p{p}/c{c}", 5.0 + random.Next(80), random.Next(10));
                // Now and then a coat of the part before shares the step.
                if (random.Next(4) == 0 && steps.Count > 0 && steps[^1].Coats.Count < 3)
                {
                    steps[^1] = steps[^1] with { Seconds = steps[^1].Seconds + seconds, Coats = [.. steps[^1].Coats, new(key, seconds)], Parts = [.. steps[^1].Parts, $"p{p}"] };
                    continue;
                }

                ChairGround[] after = steps.Count > 0 && random.Next(3) == 0 ? [new(steps[random.Next(steps.Count)].Key, 20 * random.Next(4))] : [];
                steps.Add(new(key, key, two ? 1 + random.Next(2) : 1, "round5 stroke", seconds + setUp, after.Length > 0 ? random.Next(20) : 0, 30)
                {
                    Coats = [new(key, seconds)],
                    Parts = [$"p{p}"],
                    SetUpSeconds = setUp,
                    SdSeconds = 0.25 * seconds,
                    After = after,
                });
            }
        }

        var coats = steps.SelectMany(s => s.Coats).Select(c => c.Key).ToArray();
        var ways = new List<ChairWay>();
        for (var p = 0; p < parts; p++)
        {
            string[] own = [.. coats.Where(c => ChairStepState.PartOf(c) == $"p{p}")];
            if (random.Next(5) > 0)
            {
                ways.Add(new($"p{p}", $"Part {p}", Math.Round(0.01 + 0.2 * random.NextDouble(), 6), p > 0 && random.Next(4) == 0 ? $"p{random.Next(p)}" : null) { Leaves = own, Whole = true });
            }

            if (own.Length > 1)
            {
                ways.Add(new($"p{p}", $"Part {p} without", Math.Round(0.01 + 0.08 * random.NextDouble(), 6)) { Leaves = own[1..] });
            }
        }

        return ([.. steps.Select(s => new ChairStepState(s, StepStatus.Open, 0, 0, null, s.Seconds))], [.. ways]);
    }

    private static ChairStepState[] Begun(ChairStepState[] steps, int done) => [.. steps.Select((s, k) => k < done ? s with { Status = StepStatus.Done } : s)];

    private static ChairRest Of(ChairStepState[] steps, ChairWay[] ways, double left, double surety = 0.8416) => ChairRest.Of(steps, ways, new HashSet<string>(), left, surety);

    // What a choice takes, told by a session in which it was left out from the start.
    private static double Sure(ChairStepState[] steps, ChairWay[] ways, IEnumerable<int> chosen)
    {
        var gone = chosen.SelectMany(k => ways[k].Leaves).ToHashSet();
        return ChairRest.Of([.. steps.Select(s => s.Status == StepStatus.Open && ChairStepState.Left(s.Step, gone) is null ? s with { Status = StepStatus.Dropped } : s)], [], gone, double.PositiveInfinity, 0.8416).SureSeconds;
    }

    private static IEnumerable<int[]> Every(ChairWay[] ways)
    {
        var parts = ways.Select((w, k) => (w.Part, k)).GroupBy(w => w.Part).Select(g => g.Select(w => w.k).ToArray()).ToArray();
        IEnumerable<int[]> From(int p) => p == parts.Length ? [[]] : From(p + 1).SelectMany(rest => parts[p].Select(k => (int[])[k, .. rest]).Prepend(rest));
        return From(0);
    }

    private static bool Stands(ChairWay[] ways, int[] chosen, ISet<string> open) => ways.Where(w => w.Whole && w.RestsOn is not null && w.Leaves.Any(open.Contains))
        .All(w => !chosen.Any(k => ways[k].Whole && ways[k].Part == w.RestsOn) || chosen.Any(k => ways[k].Whole && ways[k].Part == w.Part));

    [Fact]
    public void NothingBetterCanBeLeftOut()
    {
        var (some, none) = (0, 0);
        for (var seed = 0; seed < 150; seed++)
        {
            var random = new Random(seed);
            var (all, ways) = Drawn(random, 2 + random.Next(4), seed % 4 == 0);
            var steps = Begun(all, random.Next(Math.Min(3, all.Length)));
            var whole = Of(steps, ways, double.PositiveInfinity);
            var left = whole.SureSeconds * (0.2 + 0.9 * random.NextDouble());
            var found = Of(steps, ways, left);
            Assert.True(found.Proven);
            var done = steps.Where(s => s.Status == StepStatus.Done).SelectMany(s => s.Step.Coats).Select(c => c.Key).ToHashSet();
            var open = steps.Where(s => s.Status == StepStatus.Open).SelectMany(s => s.Step.Coats).Select(c => c.Key).ToHashSet();
            var can = ways.Select((w, k) => (w, k)).Where(w => !w.w.Leaves.Any(done.Contains)).Select(w => w.k).ToHashSet();
            var best = Every(ways).Where(c => c.All(can.Contains) && Stands(ways, c, open) && Sure(steps, ways, c) <= left + 1e-6).Select(c => c.Sum(k => ways[k].Loss)).DefaultIfEmpty(double.NaN).Min();
            if (double.IsNaN(best))
            {
                Assert.False(found.Fits);
                none++;
                continue;
            }

            Assert.True(found.Fits, $"seed {seed}: {best}");
            Assert.Equal(best, found.Loss, 6);
            Assert.Equal(found.Chosen.Sum(k => ways[k].Loss), found.Loss, 6);
            some += found.Chosen.Count > 0 ? 1 : 0;
        }

        Assert.True(some > 40 && none > 5, $"{some} with something left out, {none} without a way");
    }

    // Leaving things out is never worse than going on: it ends no later, and where going on ends in time nothing goes.
    [Fact]
    public void ItIsNeverWorseThanGoingOn()
    {
        for (var seed = 0; seed < 200; seed++)
        {
            var random = new Random(seed);
            var (steps, ways) = Drawn(random, 1 + random.Next(25), seed % 3 == 0);
            var whole = Of(steps, ways, double.PositiveInfinity);
            Assert.Empty(whole.Chosen);
            var before = 0.0;
            foreach (var left in Enumerable.Range(1, 6).Select(k => whole.SureSeconds * (1.1 - 0.15 * k)))
            {
                var found = Of(steps, ways, left);
                Assert.True(found.LikelySeconds <= found.GoingOnSeconds + 1e-6);
                Assert.True(!found.Fits || found.SureSeconds <= left + 1e-6);
                Assert.True(left < whole.SureSeconds || found.Chosen.Count == 0);
                // Less time never keeps more of the picture.
                Assert.True(!found.Proven || !found.Fits || found.Loss >= before - 1e-9);
                before = found is { Fits: true, Proven: true } ? found.Loss : before;
            }
        }
    }

    // What is on the skin, or being laid, stays.
    [Fact]
    public void WhatIsBegunIsNotLeftOut()
    {
        for (var seed = 0; seed < 100; seed++)
        {
            var (all, ways) = Drawn(new(seed), 6);
            var steps = Begun(all, 1 + seed % 3);
            var current = steps.First(s => s.Status == StepStatus.Open);
            var found = ChairRest.Of(steps, ways, new HashSet<string>(), 10, 0.84, new Dictionary<int, double> { [current.Step.Painter] = current.Step.WaitSeconds + current.Step.SetUpSeconds + 1 });
            var begun = steps.Where(s => s.Status == StepStatus.Done).Append(current).SelectMany(s => s.Step.Coats).Select(c => c.Key).ToHashSet();
            Assert.DoesNotContain(found.Chosen, k => ways[k].Leaves.Any(begun.Contains));
        }
    }

    // The demo's saint: what goes is some of its parts' coats, and each way is one that the plan knows.
    [Fact]
    public void APlannedLookGivesWaysOfItsOwn()
    {
        var look = DemoWorld.Look("barnacle-saint");
        var planned = DemoWorld.Plan("barnacle-saint");
        var ways = LookVersions.Ways(look, planned, DemoWorld.Kit, DemoWorld.Parade);
        ChairStepState[] steps = [.. ChairPlan.Of(planned).Select(s => new ChairStepState(s, StepStatus.Open, 0, 0, null, s.Seconds))];
        var coats = steps.SelectMany(s => s.Step.Coats).Select(c => c.Key).ToHashSet();
        Assert.NotEmpty(ways);
        Assert.All(ways, w => Assert.All(w.Leaves, c => Assert.Contains(c, coats)));
        var whole = Of(steps, [.. ways], double.PositiveInfinity);
        Assert.Equal(planned.Plan.TotalSeconds, whole.LikelySeconds, 0.03 * planned.Plan.TotalSeconds);
        var found = Of(steps, [.. ways], 0.8 * whole.SureSeconds);
        Assert.True(found.Fits && found.Chosen.Count > 0 && found.Loss < 0.5);
        Assert.DoesNotContain(found.Chosen, k => look.Parts.Any(p => p.Id == ways[k].Part && p.Priority == Priority.Must && ways[k].Whole));
    }
}
