namespace Datura.Core.Shapes.Kinds;

/// <summary>A flower of layered, slightly uneven petals with leaves that look out from behind.</summary>
public sealed class Flower() : DrawnKind("flower", "Flower", Family.Ornament, [Zone.Temple, Zone.Forehead, Zone.Cheekbone, Zone.CheekHollow, Zone.Collar, Zone.Chest],
    [LeafCoat, PetalCoat, LineCoat, HeartCoat, EdgeCoat], [At, Form, Size, Petals, Layers, Leaves])
{
    private const string Open = "open", Rose = "rose of strokes", Bud = "bud", LeavesOnly = "leaves alone";

    private static readonly ChoiceSpec At = ParameterSpec.Choice("at", "Sits at", "Where the heart lies.", 0, "temple", "cheekbone", "brow", "collar bone", "forehead", "hairline", "chest");
    private static readonly ChoiceSpec Form = ParameterSpec.Choice("form", "Form", "How it is painted.", 0, Open, Rose, Bud, LeavesOnly);
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Across the outer petals.", 12, 80, Of(0.24, "faceWidth"));
    private static readonly CountSpec Petals = ParameterSpec.Count("petals", "Petals a layer", "In each layer.", 4, 9, 5);
    private static readonly CountSpec Layers = ParameterSpec.Count("layers", "Layers", "From the outside in.", 1, 3, 2);
    private static readonly CountSpec Leaves = ParameterSpec.Count("leaves", "Leaves", "Behind the petals.", 0, 5, 2);
    private static readonly CoatRole LeafCoat = new("leaf", "Leaves", Stage.BodyColour, Tool.Round6, 1, 30);
    private static readonly CoatRole PetalCoat = new("petal", "Petals", Stage.BodyColour, Tool.Round6, 1, 60);
    private static readonly CoatRole LineCoat = Line("Outlines", Tool.Round1, goesRound: true);
    private static readonly CoatRole HeartCoat = new("heart", "Heart", Stage.Highlight, Tool.Round3, 1, 80);

    private static readonly CoatRole EdgeCoat = new("edge", "White edges", Stage.Highlight, Tool.Round2, 1, 92, Optional: true);

    // Outer petals of a rose, and how much longer than the bud they reach (common practice).
    private const int RosePetals = 5;
    private static readonly double[] RoseRings = [0.42, 0.72, 1];

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(PetalCoat, 2, 2)];

    public override bool NeedsOwnGround => true;

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [At.Id] = zone switch { Zone.Cheekbone or Zone.CheekHollow => "cheekbone", Zone.Forehead => "forehead", Zone.Collar => "collar bone", Zone.Chest => "chest", _ => "temple" },
    };

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var heart = context.Word(At) switch
        {
            "cheekbone" => context.At(Landmark.Cheekbone) + new ChartPoint(6, 2),
            "brow" => context.At(Landmark.BrowPeak) + new ChartPoint(4, 16),
            "forehead" => new ChartPoint(14, 0.5 * (context.At(Landmark.Trichion).YMm + context.At(Landmark.Glabella).YMm)),
            "hairline" => 0.45 * context.At(Landmark.Trichion) + 0.55 * context.At(Landmark.Frontotemporale) + new ChartPoint(0, -4),
            "chest" => context.At(Landmark.ClavicleInner) + new ChartPoint(34, -46),
            "collar bone" => 0.6 * context.At(Landmark.ClavicleInner) + 0.4 * context.At(Landmark.ClavicleOuter),
            _ => 0.5 * (context.At(Landmark.Frontotemporale) + context.At(Landmark.BrowOuter)) + new ChartPoint(5, 0),
        };
        var radius = context.Uneven(context.Number(Size)) / 2;
        var form = context.Word(Form);
        var leaves = form == LeavesOnly ? Math.Max(1, context.Count(Leaves)) : context.Count(Leaves);
        for (var k = 0; k < leaves; k++)
        {
            // From under the flower, never afloat.
            var heading = context.UnevenAngle(-0.5 + 1.3 * k + 0.3 * context.Design.Either());
            var frame = new SkinFrame(context.Body, context.Body.Go(heart, heading, form is Bud or LeavesOnly ? 0.12 * radius : 0.62 * radius), heading);
            var leaf = frame.Petal(0.85 * radius, 0.42 * radius);
            pen.Fill(LeafCoat, leaf);
            pen.Stroke(LineCoat, [.. leaf, leaf[0]], Profile.Even(0.8));
            pen.Stroke(LineCoat, frame.Curve((0.04 * radius, 0), (0.4 * radius, 0.03 * radius), (0.74 * radius, 0)), Profile.ThickToThin(1.3));
        }

        pen.Say("Across", 2 * radius, "mm", $"at the {context.Word(At)}");
        switch (form)
        {
            case LeavesOnly:
                return;
            case Bud:
                DrawBud(context, pen, heart, 0.62 * radius);
                return;
            case Rose:
                DrawRose(context, pen, heart, radius);
                return;
            default:
                DrawOpen(context, pen, heart, radius);
                return;
        }
    }

    // Three strokes that close over each other, the middle one on top.
    private static void DrawBud(PartContext context, MarkPen pen, ChartPoint heart, double tall)
    {
        foreach (var (aside, turn) in new[] { (-0.24, -0.34), (0.24, 0.34), (0.0, 0.0) })
        {
            var frame = new SkinFrame(context.Body, heart + new ChartPoint(aside * tall, 0), Math.PI / 2 - turn);
            var petal = frame.Petal(1.5 * tall, 0.8 * tall);
            pen.Fill(PetalCoat, petal);
            pen.Stroke(LineCoat, [.. petal, petal[0]], Profile.Even(0.9));
            pen.Stroke(EdgeCoat, frame.Curve((0.5 * tall, 0.36 * tall), (1.0 * tall, 0.34 * tall), (1.38 * tall, 0.06 * tall)), Profile.Swelling(0.16 * tall));
        }
    }

    // A bud of three corners, then rings of uneven petals, each ring in the gaps of the one inside it; outer ones go on first.
    private static void DrawRose(PartContext context, MarkPen pen, ChartPoint heart, double radius)
    {
        for (var ring = RoseRings.Length - 1; ring > 0; ring--)
        {
            var count = ring == RoseRings.Length - 1 ? RosePetals : RosePetals - 1;
            for (var k = 0; k < count; k++)
            {
                var heading = 2 * Math.PI * (k + 0.5 * ring) / count + 0.16 * context.Design.Either();
                var reach = radius * RoseRings[ring] * (0.9 + 0.16 * context.Design.Unit());
                var w = reach * (1.05 + 0.25 * context.Design.Either());
                var frame = new SkinFrame(context.Body, heart, heading);
                // A comma of the brush: broad and rolled outside, gone at the root.
                var petal = frame.Outline((0.3 * reach, 0.05 * w), (0.55 * reach, 0.42 * w), (0.82 * reach, 0.55 * w), (reach, 0.3 * w), (0.95 * reach, 0), (reach, -0.34 * w), (0.8 * reach, -0.56 * w),
                    (0.52 * reach, -0.4 * w), (0.3 * reach, -0.05 * w));
                pen.Fill(PetalCoat, petal);
                pen.Stroke(LineCoat, frame.Curve((0.42 * reach, 0.3 * w), (0.36 * reach, 0), (0.42 * reach, -0.3 * w)), Profile.Swelling(0.08 * radius));
                pen.Stroke(EdgeCoat, frame.Curve((0.74 * reach, 0.5 * w), (0.94 * reach, 0.34 * w), (0.9 * reach, 0), (0.95 * reach, -0.34 * w), (0.74 * reach, -0.5 * w)), Profile.Swelling(0.09 * radius));
            }
        }

        var bud = radius * RoseRings[0];
        var corner = new SkinFrame(context.Body, heart, 0.4 * context.Design.Either());
        ChartPoint Corner(int k, double share) => corner.At(share * bud * Math.Cos(2 * Math.PI * k / 3), share * bud * Math.Sin(2 * Math.PI * k / 3));
        pen.Fill(HeartCoat, Curves.Through([Corner(0, 1), Corner(1, 1), Corner(2, 1)], closed: true));
        for (var k = 0; k < 3; k++)
        {
            // Each side of the bud is one stroke that ends inside the next.
            pen.Stroke(LineCoat, Curves.Through([Corner(k, 0.98), 0.5 * (Corner(k, 1.06) + Corner(k + 1, 1.06)), Corner(k + 1, 0.6), Corner(k + 2, 0.18)], closed: false), Profile.Swelling(0.07 * radius));
        }
    }

    private static void DrawOpen(PartContext context, MarkPen pen, ChartPoint heart, double radius)
    {
        var petals = context.Count(Petals);
        for (var layer = 0; layer < context.Count(Layers); layer++)
        {
            for (var k = 0; k < petals; k++)
            {
                var heading = 2 * Math.PI * (k + 0.5 * layer) / petals + 0.12 * context.Design.Either();
                var length = radius * (1 - 0.3 * layer) * (0.92 + 0.16 * context.Design.Unit());
                var w = 1.15 * Math.PI * length / petals;
                var petal = new SkinFrame(context.Body, heart, heading).Outline((0.12 * length, 0), (0.5 * length, 0.42 * w), (0.85 * length, 0.46 * w), (0.98 * length, 0.16 * w),
                    (0.92 * length, 0), (0.98 * length, -0.16 * w), (0.85 * length, -0.46 * w), (0.5 * length, -0.42 * w));
                pen.Fill(PetalCoat, petal);
                pen.Stroke(LineCoat, [.. petal, petal[0]], Profile.Even(0.9));
            }
        }

        pen.Dot(HeartCoat, heart, 0.3 * radius);
    }
}
