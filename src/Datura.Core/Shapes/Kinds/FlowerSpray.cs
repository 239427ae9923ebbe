namespace Datura.Core.Shapes.Kinds;

/// <summary>A spray of flowers along a stem that runs from the temple over neck and collar bone to the chest, largest above.</summary>
public sealed class FlowerSpray() : DrawnKind("flowerSpray", "Spray of flowers", Family.Carried, [Zone.NeckSide, Zone.Collar, Zone.Chest, Zone.Temple, Zone.Jaw],
    [LineCoat, LeafCoat, PetalCoat, HeartCoat], [From, Flowers, Size, Grade, Petals])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Starts at", "Upper end of the stem.", 1, "temple", "below the ear", "collar bone");
    private static readonly CountSpec Flowers = ParameterSpec.Count("flowers", "Flowers", "Along the stem.", 2, 12, 5);
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Largest flower", "Across.", 8, 50, Of(0.16, "faceWidth"));
    private static readonly NumberSpec Grade = ParameterSpec.Ratio("grade", "Grading", "Size of each to the one before it.", 0.6, 1, 0.86);
    private static readonly CountSpec Petals = ParameterSpec.Count("petals", "Petals", "On each.", 4, 8, 5);
    private static readonly CoatRole LineCoat = Line("Stem", Tool.Round3);
    private static readonly CoatRole LeafCoat = new("leaf", "Leaves", Stage.BodyColour, Tool.Round6, 1, 35);
    private static readonly CoatRole PetalCoat = new("petal", "Petals", Stage.BodyColour, Tool.Round6, 1, 65);
    private static readonly CoatRole HeartCoat = new("heart", "Hearts", Stage.Highlight, Tool.Round3, 1, 85);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var notch = context.At(Landmark.ClavicleInner) + new ChartPoint(4, -34);
        var below = context.At(Landmark.Tragion) + new ChartPoint(-4, -42);
        List<ChartPoint> knots = context.Word(From) switch
        {
            "temple" => [context.At(Landmark.BrowOuter) + new ChartPoint(14, 14), context.At(Landmark.Tragion) + new ChartPoint(-14, -12), below,
                context.At(Landmark.ClavicleInner) + new ChartPoint(26, 20), notch],
            "collar bone" => [context.At(Landmark.ClavicleOuter) + new ChartPoint(-18, 10), context.At(Landmark.ClavicleInner) + new ChartPoint(34, -4), notch],
            _ => [below, context.At(Landmark.ClavicleInner) + new ChartPoint(40, 34), context.At(Landmark.ClavicleInner) + new ChartPoint(24, 4), notch],
        };
        var stem = Curves.Through(knots, closed: false);
        pen.Stroke(LineCoat, stem, Profile.ThickToThin(2.4));
        var flowers = context.Count(Flowers);
        var size = context.Uneven(context.Number(Size));
        for (var k = 0; k < flowers; k++)
        {
            var share = (k + 0.3) / flowers;
            var at = context.Body.Go(Curves.At(stem, share), k % 2 == 0 ? 0.4 : Math.PI + 0.4, 0.28 * size);
            for (var l = 0; l < 2; l++)
            {
                var heading = context.UnevenAngle(-1.2 + 2.4 * l + 0.4 * context.Design.Either());
                pen.Fill(LeafCoat, new SkinFrame(context.Body, context.Body.Go(at, heading, 0.35 * size), heading).Petal(0.5 * size, 0.2 * size));
            }

            Bloom(context, pen, at, size);
            size *= context.Number(Grade);
        }

        pen.Say("Stem", context.Body.LineMm(stem), "mm");
        pen.Say("Largest flower", context.Number(Size), "mm", "across");
    }

    private static void Bloom(PartContext context, MarkPen pen, ChartPoint at, double size)
    {
        var petals = context.Count(Petals);
        for (var p = 0; p < petals; p++)
        {
            var heading = 2 * Math.PI * p / petals + 0.15 * context.Design.Either();
            var length = 0.5 * size * (0.9 + 0.2 * context.Design.Unit());
            pen.Fill(PetalCoat, new SkinFrame(context.Body, at, heading).Outline(
                (0.08 * length, 0), (0.5 * length, 0.3 * length), (0.85 * length, 0.32 * length), (length, 0), (0.85 * length, -0.32 * length), (0.5 * length, -0.3 * length)));
        }

        pen.Dot(HeartCoat, at, 0.24 * size);
    }
}
