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
        Assert.Equal(0.9 * Measures.Reference["mouthWidth"], BodyFit.Estimate(small)!["mouthWidth"], 0.3);
    }

    // Farkas 1994, adult means (from memory, unverified: plausibility only).
    [Fact]
    public void MeanAdultsArePlausible() => Assert.Empty(MeasureCheck.Problems(Adult()));

    [Fact]
    public void WhatIsEstimatedOnMeanAdultsIsUsual()
    {
        foreach (var preset in MeasurePresets.All.Take(2))
        {
            var all = BodyFit.Estimate(preset.MeasuresMm)!;
            // A tenth beside the usual range is let pass, since that range itself is from memory.
            Assert.All(Measures.All.Where(m => m.Group != MeasureGroup.LeftAndRight), m =>
                Assert.InRange(all[m.Id], 0.9 * m.TypicalLowMm, 1.1 * m.TypicalHighMm));
        }
    }

    [Fact]
    public void AnEstimateFollowsSize()
    {
        double Mouth(double scale) => BodyFit.Estimate(new Dictionary<string, double>
        {
            ["faceHeight"] = scale * 180,
            ["faceWidth"] = scale * 135,
        })!["mouthWidth"];
        Assert.InRange(Mouth(1.1) / Mouth(0.9), 1.12, 1.3);
    }

    [Fact]
    public void AnEstimateFollowsWhatItHangsTogetherWith()
    {
        // A thick neck speaks for a broad chest more than a wide mouth does.
        double Chest(string id, double share) => BodyFit.Estimate(new Dictionary<string, double>
        {
            ["faceHeight"] = Measures.Reference["faceHeight"],
            ["faceWidth"] = Measures.Reference["faceWidth"],
            [id] = share * Measures.Reference[id],
        })!["chestWidth"];
        Assert.True(Chest("shoulderWidth", 1.1) > Chest("mouthWidth", 1.1) + 5);
    }

    [Theory]
    [InlineData("headGirth", 660, "headGirth")]
    [InlineData("noseHeight", 79, "noseHeight")]
    public void AMeasureThatFitsNoOtherIsNamed(string id, double mm, string named)
    {
        var wanted = new Dictionary<string, double>(BodyFit.Estimate(MeasurePresets.All[0].MeasuresMm)!) { [id] = mm };
        var problem = Assert.Throws<MeasureException>(() => FittedBody.For(wanted)).Problems[0];
        Assert.Equal(named, problem.Field);
    }

    [Fact]
    public void EveryMeasureHasItsOwnModeAndASaneRange()
    {
        Assert.True(Measures.All.Count >= 20);
        Assert.All(Measures.All, m =>
        {
            Assert.True(m.LeastMm < m.TypicalLowMm && m.TypicalLowMm < m.TypicalHighMm && m.TypicalHighMm < m.MostMm, m.Id);
            Assert.InRange(Measures.Reference[m.Id], m.LeastMm, m.MostMm);
        });
    }

    [Fact]
    public void LeftAndRightDifferAsGiven()
    {
        var even = FittedBody.For(MeasurePresets.All[1].MeasuresMm);
        var uneven = FittedBody.For(new Dictionary<string, double>(MeasurePresets.All[1].MeasuresMm) { ["browDifference"] = 4, ["mouthDifference"] = -5 });
        double Above(FittedBody body, string landmark) =>
            body.Skin.Position(Landmarks.At(landmark + "_left")).Y - body.Skin.Position(Landmarks.At(landmark + "_right")).Y;
        Assert.False(even.IsUneven);
        Assert.True(uneven.IsUneven);
        Assert.Equal(4, Above(uneven, "brow_peak"), 0.05);
        Assert.Equal(-5, Above(uneven, "cheilion"), 0.05);
        // The mirror image of a place of anatomy is that anatomy on the other side.
        Assert.InRange((uneven.Mirrored(uneven.Landmark("cheilion_left")) - uneven.Landmark("cheilion_right")).Length(), 0, 0.05);
    }

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
