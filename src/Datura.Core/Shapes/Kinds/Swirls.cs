namespace Datura.Core.Shapes.Kinds;

/// <summary>A scroll that starts thin, swells, and winds up in a curl.</summary>
public sealed class Swirls() : DrawnKind("swirls", "Swirls", Family.Ornament, [Zone.Cheekbone, Zone.Temple, Zone.Forehead, Zone.CheekHollow, Zone.NeckSide],
    [LineCoat], [From, Count, Size, Turns, Width])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Springs from", "Where the scroll starts.", 0, "outer eye", "cheekbone", "brow");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Scrolls", "Each smaller than the last.", 1, 5, 2);
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Across the largest.", 10, 70, Of(0.24, "faceWidth"));
    private static readonly NumberSpec Turns = ParameterSpec.Ratio("turns", "Turns", "How far it winds up.", 0.6, 2.5, 1.4);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At the thickest.", 1, 8, 3, 0.2);
    private static readonly CoatRole LineCoat = Line("Scrolls", Tool.Round5);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, heading) = context.Word(From) switch
        {
            "cheekbone" => (context.At(Landmark.Cheekbone), -0.4),
            "brow" => (context.At(Landmark.BrowPeak) + new ChartPoint(0, 5), 1.3),
            _ => (context.At(Landmark.Exocanthion) + new ChartPoint(6, 0), 0.5),
        };
        for (var k = 0; k < context.Count(Count); k++)
        {
            var size = context.Uneven(context.Number(Size)) * Math.Pow(0.72, k);
            var frame = new SkinFrame(context.Body, root, context.UnevenAngle(heading - 1.1 * k));
            var side = k % 2 == 0 ? 1 : -1;
            var total = context.Number(Turns) * 2 * Math.PI;
            var path = new List<ChartPoint> { frame.At(0, 0), frame.At(0.3 * size, -0.08 * side * size) };
            for (var t = 0.0; t <= total; t += 0.28)
            {
                var radius = 0.34 * size * (1 - 0.8 * t / total);
                path.Add(frame.At(0.68 * size + radius * Math.Sin(t), side * (0.16 * size - radius * Math.Cos(t))));
            }

            pen.Stroke(LineCoat, Curves.Through(path, closed: false), Profile.Swelling(context.Number(Width) * Math.Pow(0.85, k)));
        }

        pen.Say("Largest", context.Number(Size), "mm", "across");
    }
}
