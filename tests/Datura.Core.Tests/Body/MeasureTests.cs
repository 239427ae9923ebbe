using Datura.Core.Body;

namespace Datura.Core.Tests.Body;

public class MeasureTests
{
    [Theory]
    [InlineData("mouthWidth", 84, "mouth")]
    [InlineData("lowerFaceHeight", 159, "lower face")]
    [InlineData("outerEyeDistance", 124, "eyes")]
    [InlineData("neckGirth", 559, "neck")]
    [InlineData("shoulderWidth", 225, "shoulders")]
    public void AContradictionIsNamed(string id, double mm, string word)
    {
        var problems = MeasureCheck.Problems(new Dictionary<string, double>(Adult()) { [id] = mm });
        Assert.Contains(problems, p => p.Sentence.Contains(word, StringComparison.OrdinalIgnoreCase));
    }

    [Theory]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    [InlineData(-5)]
    [InlineData(14)] // centimetres typed for millimetres
    [InlineData(1e9)]
    public void NonsenseIsRefusedByName(double mm)
    {
        var problem = Assert.Single(MeasureCheck.Problems(new Dictionary<string, double> { ["faceWidth"] = mm }));
        Assert.Equal("faceWidth", problem.Field);
        Assert.Throws<MeasureException>(() => FittedBody.For(new Dictionary<string, double> { ["faceWidth"] = mm }));
    }

    [Fact]
    public void AMissingMeasureIsFilledInProportion()
    {
        var small = Measures.Reference.ToDictionary(m => m.Key, m => 0.9 * m.Value);
        small.Remove("mouthWidth");
        Assert.Equal(0.9 * Measures.Reference["mouthWidth"], MeasureCheck.Filled(small)["mouthWidth"], 1e-6);
    }

    // Farkas 1994, adult means (from memory, unverified: plausibility only).
    [Fact]
    public void MeanAdultsArePlausible() => Assert.Empty(MeasureCheck.Problems(Adult()));

    private static Dictionary<string, double> Adult() => new()
    {
        ["faceHeight"] = 187.5,
        ["lowerFaceHeight"] = 124.7,
        ["faceWidth"] = 139.1,
        ["outerEyeDistance"] = 91.2,
        ["mouthWidth"] = 54.5,
        ["neckGirth"] = 380,
        ["shoulderWidth"] = 410,
    };
}
