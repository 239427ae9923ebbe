using Datura.Core.Paint;
using Datura.Files.Pictures;

namespace Datura.Files.Tests;

/// <summary>Eyes, brows and hair on a picture of the chart.</summary>
public class FeatureTests
{
    private const int Pixels = 512;

    private static readonly ChartWindow Window = new(Pixels);

    private static (byte[] Plain, byte[] Featured) Bare(string face, Eyes eyes)
    {
        var body = DemoWorld.Bodies[face];
        var paint = new PaintPicture(new(68, 9, 15), Window);
        var (plain, featured) = (paint.Rgba(), paint.Rgba());
        FaceFeatures.Onto(featured, paint, body, eyes);
        return (plain, featured);
    }

    private static int At(ChartPoint at) => 4 * ((int)Window.RowOf(at.YMm) * Pixels + (int)Window.ColumnOf(at.XMm));

    public static TheoryData<string> Faces => [.. DemoWorld.FourFaces.Select(f => f.Id)];

    [Theory]
    [MemberData(nameof(Faces))]
    public void AnOpenEyeHasADarkPupilBetweenItsCornersAndAClosedOneHasNone(string face)
    {
        var body = DemoWorld.Bodies[face];
        var middle = 0.5 * (body.At(Landmark.PalpebraleSuperius) + body.At(Landmark.PalpebraleInferius)) + new ChartPoint(1, 1.6);
        foreach (var at in new[] { middle, body.Mirrored(middle) })
        {
            var (plain, open) = Bare(face, Eyes.Open);
            var closed = Bare(face, Eyes.Closed).Featured;
            Assert.InRange(open[At(at)], 0, 90);
            Assert.InRange(Math.Abs(closed[At(at)] - plain[At(at)]), 0, 60);
        }
    }

    // Nothing lies on the cheek, the forehead's middle, the throat or the chest.
    [Theory]
    [MemberData(nameof(Faces))]
    public void SkinStaysSkin(string face)
    {
        var body = DemoWorld.Bodies[face];
        var (plain, featured) = Bare(face, Eyes.Open);
        foreach (var landmark in new[] { Landmark.Cheekbone, Landmark.Glabella, Landmark.Gnathion, Landmark.ThyroidNotch, Landmark.Midsternale, Landmark.Pronasale })
        {
            Assert.Equal(plain[At(body.At(landmark))], featured[At(body.At(landmark))]);
        }
    }

    // Hair is tied back behind the hairline, and paint lies over it.
    [Fact]
    public void HairLiesBehindTheHairlineAndUnderPaint()
    {
        var body = DemoWorld.Body;
        var (plain, featured) = Bare("odalys", Eyes.Open);
        var scalp = body.At(Landmark.Trichion) + new ChartPoint(20, 25);
        Assert.True(featured[At(scalp)] < plain[At(scalp)] - 60);
        var paint = new PaintPicture(new(68, 9, 15), Window);
        paint.Lay(new LaidCoat([new DotMark("x", Side.Left, scalp, 20)], PaintOptics.Of(new([new("chalk-white", 1)]), DemoWorld.Kit), 80));
        var (painted, seen) = (paint.Rgba(), paint.Rgba());
        FaceFeatures.Onto(seen, paint, body, Eyes.Open);
        Assert.Equal(painted[At(scalp)], seen[At(scalp)]);
    }

    // Loose it falls before the ear and over paint; the middle of the face stays free.
    [Theory]
    [MemberData(nameof(Faces))]
    public void LooseHairFallsBeforeTheEar(string face)
    {
        var body = DemoWorld.Bodies[face];
        var paint = new PaintPicture(new(68, 9, 15), Window);
        var (plain, loose) = (paint.Rgba(), paint.Rgba());
        FaceFeatures.Onto(loose, paint, body, Eyes.Closed, Hair.Loose);
        var ear = body.At(Landmark.Tragion) + new ChartPoint(2, 14);
        foreach (var at in new[] { ear, body.Mirrored(ear) })
        {
            Assert.True(loose[At(at)] < plain[At(at)] - 40);
        }

        foreach (var free in new[] { Landmark.Pronasale, Landmark.Gnathion, Landmark.Glabella, Landmark.Cheilion })
        {
            Assert.Equal(plain[At(body.At(free))], loose[At(body.At(free))]);
        }
    }

    // A picture of a place and a picture of the whole say the same.
    [Fact]
    public void WhatIsSeenAtAPlaceIsWhatTheWholePictureShows()
    {
        var paint = new PaintPicture(new(68, 9, 15), Window);
        var featured = Bare("odalys", Eyes.Open).Featured;
        var seen = FaceFeatures.Seen(paint, DemoWorld.Body, Eyes.Open);
        for (var row = 40; row < 400; row += 7)
        {
            for (var column = 60; column < 450; column += 5)
            {
                var (r, g, b) = seen(Window.XOfColumn(column + 0.5), Window.YOfRow(row + 0.5));
                var n = 4 * (row * Pixels + column);
                Assert.Equal((featured[n], featured[n + 1], featured[n + 2]), (r, g, b));
            }
        }
    }
}
