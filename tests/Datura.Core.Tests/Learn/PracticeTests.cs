using Datura.Core.Learn;
using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearRegression;

namespace Datura.Core.Tests.Learn;

/// <summary>The power law of practice against a reference library, and forecasts that keep their word.</summary>
public class PracticeTests
{
    private static double[] Sessions(Random random, int count, double first, double exponent, double sd) =>
        [.. Enumerable.Range(1, count).Select(n => first * Math.Pow(n, -exponent) * Math.Exp(Normal.Sample(random, 0, sd)))];

    // Reference: MathNet.Numerics, simple regression.
    [Theory]
    [InlineData(5, 0.2, 0.1)]
    [InlineData(24, 0.3, 0.15)]
    [InlineData(200, 0, 0.3)]
    public void TheLineIsThatOfTheReferenceLibrary(int count, double exponent, double sd)
    {
        var seconds = Sessions(new(count), count, 900, exponent, sd);
        var (at0, slope) = SimpleRegression.Fit([.. Enumerable.Range(1, count).Select(n => Math.Log(n))], [.. seconds.Select(s => Math.Log(s))]);
        var law = PracticeLaw.Of(seconds)!;
        Assert.Equal(Math.Exp(at0), law.FirstSeconds, 6);
        Assert.Equal(-slope, law.Exponent, 9);
        Assert.Equal(count, law.Count);
    }

    // Its uncertainty holds: of intervals of two standard errors 92 to 98 in a hundred have the true exponent.
    [Fact]
    public void TheExponentIsAsUncertainAsItSays()
    {
        var held = Enumerable.Range(0, 800).Count(seed =>
        {
            var law = PracticeLaw.Of(Sessions(new(seed), 20, 600, 0.25, 0.2))!;
            return Math.Abs(law.Exponent - 0.25) <= StudentT.InvCDF(0, 1, 18, 0.975) * law.ExponentSd;
        });
        Assert.InRange(held / 800.0, 0.92, 0.98);
    }

    [Fact]
    public void ItSaysWhenThreeMinutesAreReached()
    {
        // Without noise: 600 s · n^−0.25 is 300 s at the sixteenth session.
        var law = PracticeLaw.Of(Sessions(new(1), 10, 600, 0.25, 0))!;
        Assert.Equal(6, law.MoreUntil(300));
        Assert.Equal(0, law.MoreUntil(599));
        Assert.Null(law.MoreUntil(1));
        Assert.Null(law.MoreUntil(0));
        Assert.Null(law.MoreUntil(double.NaN));
        Assert.True(law.SecondsAt(16) <= 300 + 1e-6);
        // Who does not get quicker is promised nothing.
        var flat = PracticeLaw.Of(Sessions(new(3), 30, 600, 0, 0.2))!;
        Assert.False(flat.Improves);
        Assert.Null(flat.MoreUntil(400));
        Assert.Null(PracticeLaw.Of([600, 500, 400, 300]));
        Assert.Null(PracticeLaw.Of([600, 500, 400, 300, 0]));
    }

    // By hand: 8 of 10 with Wilson's interval is 49.0 to 94.3 % (Brown, Cai and DasGupta 2001, from memory).
    [Fact]
    public void TheReliabilityIsCountedWithItsInterval()
    {
        var point = Reliability.Point(0.8, 8, 10);
        Assert.Equal((0.8, 0.490, 0.943), (point.Held, Math.Round(point.Low, 3), Math.Round(point.High, 3)));
        Assert.True(point.IsHonest);
        Assert.Equal(0, Reliability.Point(0.1, 0, 5).Low, 9);
        Assert.Equal(1, Reliability.Point(0.9, 5, 5).High, 9);
        Assert.Empty(Reliability.Of([]));
    }

    [Fact]
    public void AnHonestForecastIsFoundHonestAndABoastIsFoundOut()
    {
        var random = new Random(2);
        Forecast[] honest = [.. Enumerable.Range(0, 400).Select(_ => new Forecast(new(600, 60), Normal.Sample(random, 600, 60)))];
        Assert.True(Reliability.Of(honest).Count(p => p.IsHonest) >= 9);
        var boast = Reliability.Of([.. honest.Select(f => f with { TakenSeconds = 1.2 * f.TakenSeconds })]);
        Assert.All(boast, p => Assert.True(p.Held < p.Promised && !p.IsHonest));
        Assert.All(boast.Zip(boast.Skip(1)), p => Assert.True(p.First.Held <= p.Second.Held));
    }
}
