using Datura.Core.Learn;
using MathNet.Numerics.Distributions;

namespace Datura.Core.Tests.Learn;

/// <summary>A painter's own times are found again from what she was drawn to take; what nobody timed stays as usual.</summary>
public class LearnedPaceTests
{
    private static readonly string[] Hands = ["sponge dab", "round5 stroke", "round3 flick", "flat stroke", "soft buff", "card through"];

    // Painters drawn about the usual, hands about the painter, times about the hand: as the rule believes.
    private static (Dictionary<string, double> Truth, List<TimedWork> Works) Drawn(Random random, int sessions, double interrupted = 0)
    {
        double Draw(double mean, double sd) => Normal.Sample(random, mean, sd);
        var overall = Draw(0, LearnedPace.PaintersSd);
        var truth = Hands.ToDictionary(h => h, _ => Draw(overall, LearnedPace.HandsSd));
        var works = new List<TimedWork>();
        for (var n = 0; n < sessions; n++)
        {
            foreach (var hand in Hands.Take(1 + n % Hands.Length))
            {
                var planned = 5 + 90 * random.NextDouble();
                var off = random.NextDouble() < interrupted ? 1 + 2 * random.NextDouble() : 0;
                works.Add(new(hand, planned, planned * Math.Exp(Draw(truth[hand], LearnedPace.WorkSd) + off)));
            }
        }

        return (truth, works);
    }

    // Of the intervals said to hold 95 of a hundred, 92 to 98 do.
    [Theory]
    [InlineData(2)]
    [InlineData(8)]
    [InlineData(30)]
    public void TheIntervalsHoldAsOftenAsTheySay(int sessions)
    {
        var (held, all) = (0, 0);
        for (var seed = 0; seed < 500; seed++)
        {
            var (truth, works) = Drawn(new(1000 * sessions + seed), sessions);
            var learned = LearnedPace.Of(works);
            foreach (var (hand, log) in truth)
            {
                var found = learned.For(hand);
                held += found.Low <= Math.Exp(log) && Math.Exp(log) <= found.High ? 1 : 0;
                all++;
            }
        }

        Assert.InRange((double)held / all, 0.92, 0.98);
    }

    [Fact]
    public void WithoutDataItIsTheUsualAndWithMuchItIsTheData()
    {
        Assert.Equal(1, LearnedPace.Nothing.For("anything").Factor, 9);
        Assert.Equal(1, LearnedPace.Nothing.For("anything").PriorShare);
        var (truth, works) = Drawn(new(4), 600);
        var learned = LearnedPace.Of(works);
        Assert.All(truth, t => Assert.Equal(Math.Exp(t.Value), learned.For(t.Key).Factor, 0.06 * Math.Exp(t.Value)));
        Assert.All(Hands, h => Assert.InRange(learned.For(h).PriorShare, 0, 0.05));
        Assert.InRange(learned.Spread, 0.2, 0.4);
        // The more is known the less is believed of what is usual.
        var shares = Enumerable.Range(0, 12).Select(n => LearnedPace.Of([.. Enumerable.Repeat(new TimedWork("sponge dab", 60, 90), n + 1)]).For("sponge dab")).ToArray();
        Assert.All(shares.Zip(shares.Skip(1)), s => Assert.True(s.First.PriorShare > s.Second.PriorShare && s.First.Factor < s.Second.Factor && s.Second.Factor < 1.5));
    }

    // A hand that was timed once leans on the others.
    [Fact]
    public void AHandSeldomUsedLeansOnTheOthers()
    {
        TimedWork[] slow = [.. Enumerable.Repeat(new TimedWork("sponge dab", 60, 120), 40), .. Enumerable.Repeat(new TimedWork("flat stroke", 60, 120), 40)];
        var never = LearnedPace.Of(slow).For("round3 flick");
        Assert.InRange(never.Factor, 1.3, 2);
        Assert.Equal(0, LearnedPace.Of(slow).Hands.Count(h => h.Key == "round3 flick"));
        var once = LearnedPace.Of([.. slow, new("round3 flick", 60, 60)]).For("round3 flick");
        Assert.InRange(once.Factor, 1, never.Factor);
        Assert.True(once.PriorShare > 4 * LearnedPace.Of(slow).For("flat stroke").PriorShare);
    }

    // One step in ten is interrupted, by a phone or a child: the times hardly move.
    [Fact]
    public void InterruptedWorkIsWeighedDown()
    {
        var (robust, mean) = (0.0, 0.0);
        for (var seed = 0; seed < 40; seed++)
        {
            var (truth, works) = Drawn(new(seed), 60, interrupted: 0.1);
            var learned = LearnedPace.Of(works);
            robust += truth.Average(t => Math.Abs(Math.Log(learned.For(t.Key).Factor) - t.Value));
            mean += truth.Average(t => Math.Abs(works.Where(w => w.Hand == t.Key).Average(w => w.LogRatio) - t.Value));
        }

        Assert.True(robust < 0.6 * mean, $"{robust / 40:0.000} against {mean / 40:0.000} of the plain mean");
    }

    // Twice as long everywhere is a factor of two everywhere; the order of the log does not matter; nonsense tells nothing.
    [Fact]
    public void ItIsAboutRatiosAndNothingElse()
    {
        var (_, works) = Drawn(new(9), 40);
        var learned = LearnedPace.Of(works);
        var scaled = LearnedPace.Of(works.Select(w => new TimedWork(w.Hand, 7 * w.PlannedSeconds, 7 * w.TakenSeconds)));
        var turned = LearnedPace.Of(works.AsEnumerable().Reverse());
        var spoiled = LearnedPace.Of([.. works, new("flat stroke", 0, 5), new("flat stroke", 5, double.NaN), new("flat stroke", -1, 3), new("flat stroke", double.PositiveInfinity, 3)]);
        foreach (var hand in Hands)
        {
            Assert.Equal(learned.For(hand).Factor, scaled.For(hand).Factor, 9);
            Assert.Equal(learned.For(hand).Factor, turned.For(hand).Factor, 9);
            Assert.Equal(learned.For(hand), spoiled.For(hand));
        }
    }
}
