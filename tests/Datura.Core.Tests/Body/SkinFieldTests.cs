using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Body;

/// <summary>Growth, bone and creases of a face: what the trade says of them (common practice), read off the fields.</summary>
public class SkinFieldTests
{
    public static TheoryData<string> Faces => [.. DemoWorld.FourFaces.Select(f => f.Id)];

    // From the nose outwards and back, back over the brow, down on the cheek, down and outwards on the neck.
    [Theory]
    [MemberData(nameof(Faces))]
    public void HairLiesBackOverTheBrowAndDownOnTheCheek(string face)
    {
        var body = DemoWorld.Bodies[face];
        double Heading(Landmark landmark) => GrowthField.HeadingRad(body, body.At(landmark));
        Assert.True(Math.Sin(Heading(Landmark.BrowPeak)) > 0.5);
        Assert.True(Math.Cos(Heading(Landmark.BrowOuter)) > 0.5);
        Assert.True(Math.Sin(Heading(Landmark.Cheekbone)) < 0 && Math.Cos(Heading(Landmark.Cheekbone)) > 0);
        Assert.True(Math.Sin(Heading(Landmark.Gonion)) < -0.5);
        Assert.True(Math.Sin(Heading(Landmark.ThyroidNotch)) < -0.8);
    }

    [Theory]
    [InlineData(40, 10)]
    [InlineData(60, -60)]
    [InlineData(20, -160)]
    public void GrowthOnTheRightIsTheMirrorImage(double x, double y)
    {
        var (left, right) = (GrowthField.HeadingRad(DemoWorld.Body, new(x, y)), GrowthField.HeadingRad(DemoWorld.Body, new(-x, y)));
        Assert.Equal(Math.Cos(left), -Math.Cos(right), 6);
        Assert.Equal(Math.Sin(left), Math.Sin(right), 6);
    }

    // No jump: neighbouring hairs lie alike, but for the parting in the middle.
    [Fact]
    public void NeighbouringHairsLieAlike()
    {
        for (var y = -200.0; y < 60; y += 7)
        {
            for (var x = 6.0; x < 120; x += 7)
            {
                var turn = GrowthField.HeadingRad(DemoWorld.Body, new(x + 1, y)) - GrowthField.HeadingRad(DemoWorld.Body, new(x, y));
                Assert.InRange(Math.Abs(Math.IEEERemainder(turn, 2 * Math.PI)), 0, 0.35);
            }
        }
    }

    [Theory]
    [MemberData(nameof(Faces))]
    public void NoseAndChinStandOutAndTheCornerOfTheEyeLiesIn(string face)
    {
        var body = DemoWorld.Bodies[face];
        Assert.True(BoneField.StandsOutMm(body, body.At(Landmark.Pronasale)) > 3);
        Assert.True(BoneField.StandsOutMm(body, body.At(Landmark.Gnathion)) > 1);
        Assert.True(BoneField.StandsOutMm(body, body.At(Landmark.Endocanthion)) < -1);
    }

    // Cracks and veins cross a crease; none runs along it.
    [Theory]
    [MemberData(nameof(Faces))]
    public void NothingRunsAlongACrease(string face)
    {
        var body = DemoWorld.Bodies[face];
        foreach (var crease in SkinCreases.Of(body))
        {
            var at = 0.5 * (crease[0] + crease[1]);
            var along = SkinCreases.HeadingRad(body, at)!.Value;
            foreach (var heading in new[] { along, along + 0.1, along - 0.2, along + Math.PI })
            {
                Assert.True(Math.Abs(Math.IEEERemainder(AcrossCreases.Turned(body, at, heading) - along, Math.PI)) > 0.55);
            }

            Assert.Equal(along + 1.2, AcrossCreases.Turned(body, at, along + 1.2), 9);
        }
    }

    [Fact]
    public void WhereSkinLiesSmoothNothingIsTurned() => Assert.Equal(0.4, AcrossCreases.Turned(DemoWorld.Body, DemoWorld.Body.At(Landmark.Zygion), 0.4));
}
