using Datura.Core.Body;

namespace Datura.Core.Tests.Body;

public class MeasureTests
{
    [Theory]
    [InlineData("mouthWidth", 84, "mouth")]
    [InlineData("lowerFaceHeight", 159, "lower face")]
    [InlineData("outerEyeDistance", 118, "eye")]
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

    // A small person's mouth is small as well, but less than in proportion: sizes hang together only in part (regression to the mean).
    [Fact]
    public void AMissingMeasureFollowsInPart()
    {
        var small = Measures.All.Where(m => m.Group is MeasureGroup.Widths && m.Id != "mouthWidth").ToDictionary(m => m.Id, m => 0.94 * Measures.Reference[m.Id]);
        Assert.InRange(BodyFit.Estimate(small)!["mouthWidth"] / Measures.Reference["mouthWidth"], 0.93, 0.99);
    }

    // Farkas 1994, adult means (from memory, unverified: plausibility only).
    [Fact]
    public void MeanAdultsArePlausible() => Assert.Empty(MeasureCheck.Problems(Adult()));

    // Whoever is given half of the mean measures of a group gets the other half of the same group, within half a spread.
    [Theory]
    [InlineData("man")]
    [InlineData("woman")]
    [InlineData("child3")]
    [InlineData("child5")]
    [InlineData("child6")]
    [InlineData("child8")]
    [InlineData("child9")]
    [InlineData("child10")]
    [InlineData("child12")]
    public void HalfAMeanPersonGivesTheOtherHalf(string id)
    {
        var mean = MeasurePresets.All.First(p => p.Id == id).MeasuresMm;
        foreach (var half in new[] { 0, 1 })
        {
            var all = BodyFit.Estimate(mean.Where((_, k) => k % 2 == half).ToDictionary(m => m.Key, m => m.Value))!;
            Assert.All(mean, m => Assert.True(
                Math.Abs(all[m.Key] - m.Value) < 0.5 * Population.AdultSdMm(m.Key, man: true) * m.Value / Population.AdultMm(m.Key, man: true), $"{m.Key} {all[m.Key]:0.0} instead of {m.Value}"));
        }
    }

    [Fact]
    public void TheAgeThatMeasuresSpeakForIsThatOfTheMeanPerson()
    {
        Assert.Equal(Population.AdultYears, BodyPrior.YearsOf(new Dictionary<string, double>()));
        Assert.All(MeasurePresets.All.Where(p => p.Id.StartsWith("child", StringComparison.Ordinal)), p => Assert.Equal(double.Parse(p.Id[5..]), BodyPrior.YearsOf(p.MeasuresMm), 1.0));
        Assert.All(MeasurePresets.All.Take(2), p => Assert.InRange(BodyPrior.YearsOf(p.MeasuresMm), 16, 18));
    }

    // A steady change of one measure changes the others steadily: no jump from a grown-up's to a child's.
    [Fact]
    public void AnEstimateMovesSteadily()
    {
        var mouths = Enumerable.Range(0, 60).Select(k => BodyFit.Estimate(new Dictionary<string, double> { ["faceHeight"] = 140 + k, ["faceWidth"] = 108 + 0.5 * k })!["mouthWidth"]).ToArray();
        Assert.All(mouths.Skip(1).Zip(mouths), m => Assert.InRange(m.First - m.Second, -0.05, 1.2));
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

    // Rare is not impossible: it is taken as given, with a sentence that names the measure to check.
    [Theory]
    [InlineData("headGirth", 598)]
    [InlineData("noseHeight", 70)]
    [InlineData("mouthWidth", 68)]
    public void ARareMeasureIsTakenAndNamed(string id, double mm)
    {
        var body = FittedBody.For(new Dictionary<string, double>(MeasurePresets.All[0].MeasuresMm) { [id] = mm });
        Assert.Equal(id, body.MeasureNotes[0].Field);
        Assert.Contains("Measure it again", body.MeasureNotes[0].Sentence, StringComparison.Ordinal);
        Assert.Equal(mm, Measures.Find(id)!.On(body.Skin), 0.01 * mm);
        Assert.Empty(FittedBody.For(MeasurePresets.All[0].MeasuresMm).MeasureNotes);
    }

    [Fact]
    public void ABodyThatWouldLieOverItselfIsRefusedByName()
    {
        var wanted = new Dictionary<string, double>(MeasurePresets.All[0].MeasuresMm) { ["headGirth"] = 500 };
        Assert.Equal("headGirth", Assert.Throws<MeasureException>(() => FittedBody.For(wanted)).Problems[0].Field);
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
            body.Skin.Position(Landmarks.At(new Landmark(landmark).Left)).Y - body.Skin.Position(Landmarks.At(new Landmark(landmark).Right)).Y;
        Assert.False(even.IsUneven);
        Assert.True(uneven.IsUneven);
        Assert.Equal(4, Above(uneven, "brow_peak"), 0.05);
        Assert.Equal(-5, Above(uneven, "cheilion"), 0.05);
        // The mirror image of a place of anatomy is that anatomy on the other side.
        Assert.InRange((uneven.Mirrored(uneven.At(Landmark.Cheilion.Left)) - uneven.At(Landmark.Cheilion.Right)).Length(), 0, 0.05);
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
