namespace Datura.Core.Shapes.Kinds;

/// <summary>A ring of bare skin round a bird's or reptile's eye, with a thin dark rim.</summary>
public sealed class EyeRing() : DrawnKind("eyeRing", "Eye ring", Family.Creature, [Zone.Orbit, Zone.Lid],
    [RingCoat, RimCoat, DotCoat], [Wide, Back, RimWidth, Beads])
{
    private static readonly NumberSpec Wide = ParameterSpec.Length("wide", "Width", "From the lids outwards.", 2, 16, 6);
    private static readonly NumberSpec Back = ParameterSpec.Length("back", "Drawn back", "How far its outer end is drawn towards the temple.", 0, 30, 5);
    private static readonly NumberSpec RimWidth = ParameterSpec.Length("rim", "Rim", "Width of the dark rim.", 0.4, 5, 1.6, 0.1);
    private static readonly CountSpec Beads = ParameterSpec.Count("beads", "Beads", "Small swellings along the ring.", 0, 24, 0);
    private static readonly CoatRole RingCoat = new("ring", "Ring", Stage.BodyColour, Tool.Filbert, 1, 65);
    private static readonly CoatRole RimCoat = Line("Rim", Tool.Round2);
    private static readonly CoatRole DotCoat = new("bead", "Beads", Stage.Highlight, Tool.Round1, 1, 85, Optional: true);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (inner, outer) = (context.At(Landmark.Endocanthion), context.At(Landmark.Exocanthion));
        var (upper, lower) = (context.At(Landmark.PalpebraleSuperius), context.At(Landmark.PalpebraleInferius));
        var wide = context.Uneven(context.Number(Wide));
        List<ChartPoint> Round(double off, double back) => Curves.Through(
        [
            inner + new ChartPoint(-0.8 * off, 0), inner + new ChartPoint(0.25 * (upper.XMm - inner.XMm), off + 0.6 * (upper.YMm - inner.YMm)), upper + new ChartPoint(0, off),
            outer + new ChartPoint(-0.25 * (outer.XMm - upper.XMm), off + 0.5 * (upper.YMm - outer.YMm)), outer + new ChartPoint(off + back, 0.2 * back),
            outer + new ChartPoint(-0.25 * (outer.XMm - lower.XMm), -off - 0.5 * (outer.YMm - lower.YMm)), lower + new ChartPoint(0, -off),
            inner + new ChartPoint(0.25 * (lower.XMm - inner.XMm), -off - 0.6 * (inner.YMm - lower.YMm)),
        ], closed: true);
        var outline = Round(wide, context.Number(Back));
        pen.Say("Height", upper.YMm - lower.YMm + 2 * wide, "mm");
        pen.Fill(RingCoat, outline);
        pen.Stroke(RimCoat, [.. outline, outline[0]], Profile.Even(context.Number(RimWidth)));
        var middle = Round(wide / 2, context.Number(Back) / 2);
        for (var k = 0; k < context.Count(Beads); k++)
        {
            pen.Dot(DotCoat, Curves.At(middle, (double)k / context.Count(Beads)), Math.Clamp(0.35 * wide, 0.8, 3));
        }
    }
}
