namespace Datura.Core.Shapes.Kinds;

/// <summary>A line along the rim of the lids and lashes painted beyond them, longest outside. On skin, never inside the rim.</summary>
public sealed class Lashes() : DrawnKind("lashes", "Lid line and lashes", Family.Creature, [Zone.Lid, Zone.Orbit],
    [LineCoat, LashCoat], [Which, LineWidth, Past, Count, Length])
{
    private const string BothLids = "both lids", Upper = "upper lid", Lower = "lower lid";

    private static readonly ChoiceSpec Which = ParameterSpec.Choice("which", "On", "Which lids.", 0, BothLids, Upper, Lower);
    private static readonly NumberSpec LineWidth = ParameterSpec.Length("line", "Lid line", "At its thickest.", 0.6, 5, 1.8, 0.1);
    private static readonly NumberSpec Past = ParameterSpec.Length("past", "Past the outer corner", "Length of its tail.", 0, 30, 5);
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Lashes", "On each lid; 0 for none.", 0, 15, 7);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Lashes' length", "Of the outermost.", 3, 30, 9);
    private static readonly CoatRole LineCoat = Line("Lid line", Tool.Round1);
    private static readonly CoatRole LashCoat = new("lash", "Lashes", Stage.Line, Tool.Round1, 1, 12);

    // Off the rim of the lid itself, so that no paint gets into the eye, mm (common practice).
    private const double OffTheRimMm = 1.6;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (inner, outer) = (context.At(Landmark.Endocanthion), context.At(Landmark.Exocanthion));
        var which = context.Word(Which);
        foreach (var (lid, up) in new[] { (Landmark.PalpebraleSuperius, 1), (Landmark.PalpebraleInferius, -1) })
        {
            if (which == (up > 0 ? Lower : Upper))
            {
                continue;
            }

            var off = new ChartPoint(0, up * OffTheRimMm);
            var middle = context.At(lid);
            var line = Curves.Through([inner + new ChartPoint(3, 0) + off, 0.5 * (inner + middle) + new ChartPoint(1, up) + off, middle + off, 0.5 * (outer + middle) + new ChartPoint(1, up) + off, outer + 0.6 * off], closed: false);
            var tail = up > 0 ? context.Number(Past) : 0.4 * context.Number(Past);
            List<ChartPoint> whole = tail > 0.5 ? [.. line, context.Body.Go(outer + 0.6 * off, 0.32 * up, context.Uneven(tail))] : line;
            pen.Stroke(LineCoat, whole, t => context.Number(LineWidth) * (0.25 + 0.75 * Math.Sin(Math.PI * (0.1 + 0.72 * t))));
            for (var k = 0; k < context.Count(Count); k++)
            {
                var t = 0.3 + 0.68 * (k + 0.5) / context.Count(Count);
                var length = context.Number(Length) * (0.45 + 0.55 * t) * (up > 0 ? 1 : 0.75) * (0.88 + 0.24 * context.Design.Unit());
                // They lean outwards, the more so the farther out.
                var frame = new SkinFrame(context.Body, Curves.At(line, t) + 0.3 * off, up * (1.75 - 1.1 * t));
                pen.Stroke(LashCoat, frame.Curve((0, 0), (0.5 * length, -up * 0.1 * length), (length, up * 0.06 * length)), Profile.ThickToThin(1.2));
            }
        }

        pen.Say("Past the corner", context.Number(Past), "mm");
    }
}
