namespace Datura.Core.Shapes.Kinds;

/// <summary>A flower of layered, slightly uneven petals with leaves that look out from behind.</summary>
public sealed class Flower() : DrawnKind("flower", "Flower", Family.Ornament, [Zone.Temple, Zone.Forehead, Zone.Cheekbone, Zone.CheekHollow, Zone.Collar, Zone.Chest],
    [LeafCoat, PetalCoat, LineCoat, HeartCoat], [At, Size, Petals, Layers, Leaves])
{
    private static readonly ChoiceSpec At = ParameterSpec.Choice("at", "Sits at", "Where the heart lies.", 0, "temple", "cheekbone", "brow", "collar bone");
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Across the outer petals.", 12, 80, Of(0.24, "faceWidth"));
    private static readonly CountSpec Petals = ParameterSpec.Count("petals", "Petals a layer", "In each layer.", 4, 9, 5);
    private static readonly CountSpec Layers = ParameterSpec.Count("layers", "Layers", "From the outside in.", 1, 3, 2);
    private static readonly CountSpec Leaves = ParameterSpec.Count("leaves", "Leaves", "Behind the petals.", 0, 5, 2);
    private static readonly CoatRole LeafCoat = new("leaf", "Leaves", Stage.BodyColour, Tool.Round6, 1, 30);
    private static readonly CoatRole PetalCoat = new("petal", "Petals", Stage.BodyColour, Tool.Round6, 1, 60);
    private static readonly CoatRole LineCoat = Line("Outlines", Tool.Round1, goesRound: true);
    private static readonly CoatRole HeartCoat = new("heart", "Heart", Stage.Highlight, Tool.Round3, 1, 80);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(PetalCoat, 2, 2)];

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var heart = context.Word(At) switch
        {
            "cheekbone" => context.At(Landmark.Cheekbone) + new ChartPoint(6, 2),
            "brow" => context.At(Landmark.BrowPeak) + new ChartPoint(4, 16),
            "collar bone" => 0.6 * context.At(Landmark.ClavicleInner) + 0.4 * context.At(Landmark.ClavicleOuter),
            _ => 0.5 * (context.At(Landmark.Frontotemporale) + context.At(Landmark.BrowOuter)) + new ChartPoint(5, 0),
        };
        var radius = context.Uneven(context.Number(Size)) / 2;
        for (var k = 0; k < context.Count(Leaves); k++)
        {
            var heading = context.UnevenAngle(-0.5 + 1.3 * k + 0.3 * context.Design.Either());
            var leaf = new SkinFrame(context.Body, context.Body.Go(heart, heading, 0.75 * radius), heading).Petal(0.8 * radius, 0.42 * radius);
            pen.Fill(LeafCoat, leaf);
            pen.Stroke(LineCoat, [.. leaf, leaf[0]], Profile.Even(0.8));
        }

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
        pen.Say("Across", 2 * radius, "mm", $"at the {context.Word(At)}");
    }
}
