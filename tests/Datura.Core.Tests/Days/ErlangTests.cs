using Datura.Core.Days;

namespace Datura.Core.Tests.Days;

/// <summary>Queues against published tables and closed forms.</summary>
public class ErlangTests
{
    // Offered traffic at which one, two in a hundred are turned away: the usual Erlang B table (ITU-D Teletraffic Engineering Handbook; values from memory).
    [Theory]
    [InlineData(1, 0.0101, 0.01)]
    [InlineData(2, 0.153, 0.01)]
    [InlineData(5, 1.36, 0.01)]
    [InlineData(10, 4.46, 0.01)]
    [InlineData(20, 12.03, 0.01)]
    [InlineData(50, 37.90, 0.01)]
    [InlineData(2, 0.223, 0.02)]
    [InlineData(5, 1.657, 0.02)]
    [InlineData(10, 5.084, 0.02)]
    [InlineData(20, 13.18, 0.02)]
    [InlineData(50, 40.26, 0.02)]
    public void TableOfErlangB(int painters, double offered, double lost) => Assert.Equal(lost, ErlangLaw.B(painters, offered), 0.0002);

    [Fact]
    public void OneAndTwoPaintersHaveClosedForms()
    {
        for (var load = 0.05; load < 1; load += 0.05)
        {
            Assert.Equal(load, ErlangLaw.C(1, load), 1e-12);
            Assert.Equal(2 * load * load / (1 + load), ErlangLaw.C(2, 2 * load), 1e-12);
            // One painter: mean wait is load over what is left of it.
            Assert.Equal(load / (1 - load), ErlangLaw.MeanWait(1, load), 1e-9);
        }
    }

    // The sum that Erlang wrote, without recursion.
    [Fact]
    public void TheRecursionIsTheSum()
    {
        for (var n = 1; n <= 25; n++)
        {
            var a = 0.83 * n;
            double term = 1, sum = 0;
            for (var k = 0; k < n; k++)
            {
                sum += term;
                term *= a / (k + 1);
            }

            Assert.Equal(term * n / (n - a) / (sum + term * n / (n - a)), ErlangLaw.C(n, a), 1e-10);
        }
    }

    [Fact]
    public void WaitsGrowWithThoseWhoComeAndShrinkWithThoseWhoPaint()
    {
        for (var n = 1; n < 12; n++)
        {
            for (var a = 0.1; a < n - 0.2; a += 0.3)
            {
                Assert.True(ErlangLaw.MeanWait(n, a) < ErlangLaw.MeanWait(n, a + 0.1));
                Assert.True(ErlangLaw.MeanWait(n + 1, a) < ErlangLaw.MeanWait(n, a));
                // So many of all wait longer than what a share does not exceed.
                var wait = ErlangLaw.WaitOf(n, a, 0.9);
                Assert.Equal(Math.Min(0.1, ErlangLaw.C(n, a)), ErlangLaw.C(n, a) * Math.Exp(-wait * (n - a)), 1e-9);
            }
        }
    }

    // Pollaczek and Khinchine: λ·E[S²]/2(1 − ρ).
    [Theory]
    [InlineData(0)]
    [InlineData(0.5)]
    [InlineData(1)]
    [InlineData(1.7)]
    public void OnePainterIsAsPollaczekAndKhinchineHaveIt(double variation)
    {
        const double minutes = 4, perHour = 11;
        var square = minutes * minutes * (1 + variation * variation);
        Assert.Equal(perHour / 60 * square / 2 / (1 - perHour / 60 * minutes), SteadyQueue.Of(perHour, 1, minutes, variation).MeanWaitMinutes!.Value, 1e-9);
    }

    [Fact]
    public void MoreThanCanBePaintedIsAQueueWithoutEnd()
    {
        Assert.Null(SteadyQueue.Of(60, 2, 3, 0.4).MeanWaitMinutes);
        Assert.Equal(1, SteadyQueue.Of(1000, 3, 3, 0.4).WaitChance);
        Assert.Null(SteadyQueue.Of(5, 0, 3, 0.4).MeanWaitMinutes);
        Assert.Null(SteadyQueue.Of(5, 0, 3, 0.4).Load);
        Assert.Equal(0, SteadyQueue.Of(0, 2, 3, 0.4).Load);
    }
}
