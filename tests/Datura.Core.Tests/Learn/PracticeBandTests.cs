using Datura.Core.Learn;

namespace Datura.Core.Tests.Learn;

/// <summary>What is said of the next try holds as often as is said (Student's t for a new observation, any handbook of regression).</summary>
public class PracticeBandTests
{
    [Theory]
    [InlineData(6, 0.8)]
    [InlineData(15, 0.8)]
    [InlineData(15, 0.5)]
    public void TheNextTryLiesWithinItAsOftenAsIsSaid(int count, double chance)
    {
        var (random, within) = (new Random(count), 0);
        const int draws = 4000;
        for (var draw = 0; draw < draws; draw++)
        {
            double Drawn(int n) => 2 * Math.Pow(n, -0.3) * Math.Exp(MathNet.Numerics.Distributions.Normal.Sample(random, 0, 0.2));
            var law = PracticeLaw.Of([.. Enumerable.Range(1, count).Select(Drawn)])!;
            var (low, high) = law.Band(count + 1, chance);
            within += Drawn(count + 1) is var next && low <= next && next <= high ? 1 : 0;
        }

        // Three standard errors of a share.
        Assert.Equal(chance, (double)within / draws, 3 * Math.Sqrt(chance * (1 - chance) / draws));
    }
}
