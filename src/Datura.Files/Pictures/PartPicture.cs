using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Files.Pictures;

/// <summary>A picture of one kind at its default size, for the library: the part alone on the reference body, from the side where it sits.</summary>
public static class PartPicture
{
    private static readonly Setting Plain = new("plain", "Plain", 60, 2, "daylight", 60);
    private const int PaintPixels = 1280;

    // Pale parts are shown on deep skin and dark ones on light skin, or they would not be seen.
    private static readonly Lab LightSkin = new(68, 9, 15);
    private static readonly Lab DeepSkin = new(42, 13, 18);
    private const double PaleL = 70;

    /// <param name="kit">Where its default paints come from; optional coats are laid too.</param>
    /// <param name="paintPixels">How finely the paint is reckoned, pixels a side of the chart.</param>
    /// <returns>Four bytes a pixel, row by row, of a square.</returns>
    public static byte[] Of(PartKind kind, Kit kit, int pixels, int paintPixels = PaintPixels)
    {
        var (planned, buffer) = Posed(kind, kit, pixels);
        return BustPicture.Finished(planned, buffer, paintPixels);
    }

    /// <summary>The same view of the bare face.</summary>
    public static byte[] BareOf(PartKind kind, Kit kit, int pixels, int paintPixels = PaintPixels)
    {
        var (planned, buffer) = Posed(kind, kit, pixels);
        return BustPicture.Finished(planned with { Coats = [] }, buffer, paintPixels);
    }

    private static (PlannedLook Planned, BustBuffer Buffer) Posed(PartKind kind, Kit kit, int pixels)
    {
        var skin = kind.Roles[0].Lightness > PaleL ? DeepSkin : LightSkin;
        var colours = new LookColours(skin, []);
        var part = NewPart.Of(kind, kind.HangsOn[0], kit, colours);
        var paints = new Dictionary<string, PaintMix>(part.Paints);
        foreach (var role in kind.Roles.Where(r => r.Optional))
        {
            if (SuggestedPaint.For(role, kind.HangsOn, kit, colours) is { } paint)
            {
                paints[role.Id] = new([new(paint, 1)]);
            }
        }

        var look = new Look(kind.Label, "", Mapping.Freehand, [part with { Paints = paints, Seed = 5 }]);
        var model = new Face("model", "Model", Measures.Reference, skin, []);
        var planned = Planner.Plan(look, model, FittedBody.Reference, kit, Plain);
        return (planned, BustBuffer.Render(FittedBody.Reference.Mesh, View(planned), 2 * pixels, 2 * pixels));
    }

    // What lies across the middle is seen a little from the side, so that the nose has a shape.
    private const double MiddleTurnDeg = 14;
    private const double MostTurnDeg = 70;

    // As much of the face about it as one needs to see where it is.
    private const double Around = 1.75;
    private const double UnderneathBelow = -0.35;
    private const double FromBelowDeg = -24;
    private const double NearestMm = 130;
    private const double FarthestMm = 400;

    /// <summary>Near enough to see the part: its left half where it has two, facing the viewer.</summary>
    private static BustView View(PlannedLook planned)
    {
        ChartPoint[] marked = [.. PartField.Samples(planned.Jobs.SelectMany(j => j.Marks).Where(m => m.Side != Side.Right))];
        Vec3[] places = [.. marked.Select(FittedBody.Reference.Chart.Position)];
        if (places.Length == 0)
        {
            return BustView.FaceClose;
        }

        double[] azimuths = [.. places.Select(p => Math.Atan2(p.X, p.Z - CapsuleCoordinates.AxisZMm))];
        var (from, to) = (azimuths.Min(), azimuths.Max());
        var turnDeg = Math.Clamp((from + to) / 2 * 180 / Math.PI, MiddleTurnDeg, MostTurnDeg);
        // What lies under the chin is looked at from below.
        var facing = marked.Average(p => FittedBody.Reference.Skin.Normal(FittedBody.Reference.Chart.ToSkin(p)).Y);
        var view = new BustView(turnDeg, facing < UnderneathBelow ? FromBelowDeg : 2, 0, 1);
        Vec3[] seen = [.. places.Select(view.Turned)];
        var (low, high) = (seen.Min(p => p.Y), seen.Max(p => p.Y));
        // The picture's middle is the body's axis, so it must reach as far to both sides.
        var size = Math.Max(high - low, 2 * seen.Max(p => Math.Abs(p.X)));
        return view with { CentreYMm = (places.Min(p => p.Y) + places.Max(p => p.Y)) / 2, HeightMm = Math.Clamp(Around * size, NearestMm, FarthestMm) };
    }
}
