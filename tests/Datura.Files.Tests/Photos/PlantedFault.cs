using Datura.Core.Paint;
using NetTopologySuite.Geometries.Utilities;

namespace Datura.Files.Tests.Photos;

/// <summary>A painter's slip, made on purpose: the coats of one part on one side are laid otherwise than planned.</summary>
internal static class PlantedFault
{
    /// <summary>The figure moved and sized about its middle.</summary>
    public static PlannedLook Moved(PlannedLook look, string part, Side side, ChartPoint middle, ChartPoint by, double size) => Changed(look, part, coat => coat with
    {
        Marks = [.. coat.Marks.Select(m => m.Side == side ? Moved(m, middle, by, size) : m)],
    });

    /// <summary>The part left out on one side.</summary>
    public static PlannedLook Missing(PlannedLook look, string part, Side side) => Changed(look, part, coat => coat with { Marks = [.. coat.Marks.Where(m => m.Side != side)] });

    /// <summary>The part in a paint that swallows more or less light, so much that the middle of it is off by a given ΔE00.</summary>
    /// <returns>Null where no change of its paint makes so much.</returns>
    public static PlannedLook? Coloured(PlannedLook look, string part, IReadOnlyList<ChartPoint> spots, double deltaE)
    {
        Lab[] Seen(PlannedLook of)
        {
            var paint = new PaintPicture(of.Skin, new(272));
            paint.Lay(of.Coats.SelectMany(s => s));
            return [.. spots.Select(s => paint.At(s.XMm, s.YMm)).Select(c => Lab.From(Srgb.ToTristimulus(Srgb.LinearOf(c.R), Srgb.LinearOf(c.G), Srgb.LinearOf(c.B))))];
        }

        PlannedLook With(double by) => Changed(look, part, c => c with { Paint = c.Paint with { K = [.. c.Paint.K.Select(k => k * by + (by > 1 ? 0.02 * (by - 1) : 0))] }, Split = null });
        var own = Seen(look);
        double Off(double by) => Seen(With(by)).Zip(own, ColourDifference.DeltaE00).Order().ElementAt(own.Length / 2);
        var lighter = own.Average(c => c.L) < 45;
        double low = 1, high = lighter ? 1e-3 : 1e3;
        if (Off(high) < deltaE || Off(1) > 0.5)
        {
            return null;
        }

        for (var k = 0; k < 18; k++)
        {
            var middle = Math.Sqrt(low * high);
            (low, high) = Off(middle) < deltaE ? (middle, high) : (low, middle);
        }

        return With(low);
    }

    private static PlannedLook Changed(PlannedLook look, string part, Func<LaidCoat, LaidCoat> change)
    {
        var place = 0;
        return look with { Coats = [.. look.Coats.Select(step => (IReadOnlyList<LaidCoat>)[.. step.Select(c => look.InOrder[place++].PartId == part ? change(c) : c)])] };
    }

    private static Mark Moved(Mark mark, ChartPoint middle, ChartPoint by, double size)
    {
        ChartPoint To(ChartPoint p) => middle + by + size * (p - middle);
        switch (mark)
        {
            case RegionMark region:
                var way = AffineTransformation.TranslationInstance(-middle.XMm, -middle.YMm).Scale(size, size).Translate(middle.XMm + by.XMm, middle.YMm + by.YMm);
                return region with { Outline = way.Transform(region.Outline), Fade = null, Across = null };
            case StrokeMark stroke:
                return stroke with { Path = [.. stroke.Path.Select(To)], WidthsMm = [.. stroke.WidthsMm.Select(w => size * w)] };
            case DotMark dot:
                return dot with { At = To(dot.At), DiameterMm = size * dot.DiameterMm };
            default:
                return mark;
        }
    }
}
