namespace Datura.Core.Shapes.Kinds;

/// <summary>Little sprigs that fill a gap: a stem with leaves in pairs, shrinking to the tip (common practice).</summary>
public sealed class Sprigs() : DrawnKind("sprigs", "Sprigs", Family.Ornament, [Zone.Temple, Zone.Cheekbone, Zone.CheekHollow, Zone.Forehead, Zone.Collar, Zone.Chin, Zone.Jaw],
    [LeafCoat, LineCoat], [Fill, Count, Length, Pairs, Turn])
{
    private static readonly ChoiceSpec Fill = ParameterSpec.Choice("fill", "Fills", "The gap they sit in.", 0, "beside the eye", "cheek", "forehead", "collar bone", "chin");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Sprigs", "Fanned out.", 1, 5, 2);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of a stem.", 8, 60, Of(0.24, "lowerFaceHeight"));
    private static readonly CountSpec Pairs = ParameterSpec.Count("pairs", "Leaf pairs", "On each stem.", 1, 6, 3);
    private static readonly NumberSpec Turn = ParameterSpec.Angle("turn", "Turn", "Of the whole fan.", -180, 180, 0);
    private static readonly CoatRole LeafCoat = new("leaf", "Leaves", Stage.BodyColour, Tool.Round5, 1, 40);
    private static readonly CoatRole LineCoat = Line("Stems", Tool.Round1);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, heading) = context.Word(Fill) switch
        {
            "cheek" => (context.At(Landmark.Cheekbone) + new ChartPoint(4, -16), -0.6),
            "forehead" => (context.At(Landmark.BrowPeak) + new ChartPoint(0, 10), 1.5),
            "collar bone" => (context.At(Landmark.ClavicleInner) + new ChartPoint(10, -8), -0.3),
            "chin" => (context.At(Landmark.Gnathion) + new ChartPoint(10, 10), 0.5),
            _ => (context.At(Landmark.Exocanthion) + new ChartPoint(9, -3), -0.35),
        };
        heading += context.Number(Turn) * Math.PI / 180;
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var angle = context.UnevenAngle(heading + 0.55 * (k - (count - 1) / 2.0));
            var length = context.Uneven(context.Number(Length)) * (1 - 0.12 * k);
            var frame = new SkinFrame(context.Body, root, angle);
            pen.Stroke(LineCoat, frame.Curve((0, 0), (0.5 * length, 0.06 * length), (length, -0.04 * length)), Profile.ThickToThin(1.1));
            var pairs = context.Count(Pairs);
            for (var p = 0; p < pairs; p++)
            {
                var along = length * (0.25 + 0.65 * p / Math.Max(1, pairs));
                var leaf = 0.3 * length * (1 - 0.5 * p / pairs);
                foreach (var side in new[] { 1, -1 })
                {
                    pen.Fill(LeafCoat, new SkinFrame(context.Body, frame.At(along, 0.03 * length), angle + 0.75 * side).Petal(leaf, 0.42 * leaf));
                }
            }

            pen.Fill(LeafCoat, new SkinFrame(context.Body, frame.At(0.95 * length, -0.03 * length), angle).Petal(0.22 * length, 0.09 * length));
        }

        pen.Say("Stem", context.Number(Length), "mm", $"fills: {context.Word(Fill)}");
    }
}
