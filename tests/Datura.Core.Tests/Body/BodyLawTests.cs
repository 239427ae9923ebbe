using Datura.Core.Body;

namespace Datura.Core.Tests.Body;

/// <summary>What a fitted body may not do.</summary>
public class BodyLawTests
{
    // A tape over the fitted face, not over the reference, has the given length.
    [Theory]
    [InlineData("man", 22)]
    [InlineData("woman", -18)]
    [InlineData("child5", 15)]
    public void ATapeOverTheFittedFaceHasItsLength(string id, double moreMm)
    {
        var given = new Dictionary<string, double>(MeasurePresets.All.First(p => p.Id == id).MeasuresMm);
        given["earToEar"] += moreMm;
        Assert.Equal(given["earToEar"], Measures.Find("earToEar")!.On(BodyFit.Fit(given).Skin), 0.15);
    }

    // Whoever says nothing of left and right, or only of one, gets the same on both sides in all else.
    [Fact]
    public void SidesDifferOnlyWhereSaid()
    {
        double Above(SkinGrid skin, string landmark) => skin.Position(Landmarks.At(new Landmark(landmark).Left)).Y - skin.Position(Landmarks.At(new Landmark(landmark).Right)).Y;
        var even = BodyFit.Fit(MeasurePresets.All[0].MeasuresMm).Skin;
        Assert.All(new[] { "brow_peak", "exocanthion", "cheilion", "alare" }, l => Assert.Equal(0, Above(even, l), 1e-9));
        var brows = BodyFit.Fit(new Dictionary<string, double>(MeasurePresets.All[0].MeasuresMm) { ["browDifference"] = 5 }).Skin;
        Assert.Equal(0, Above(brows, "cheilion"), 1e-6);
        Assert.InRange(Above(brows, "exocanthion"), -0.6, 2.5);
    }
}
