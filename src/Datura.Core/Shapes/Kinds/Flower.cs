using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>A flower of layered, slightly uneven petals with leaves that look out from behind.</summary>
public sealed class Flower() : DrawnKind("flower", "Flower", Family.Ornament, ["temple", "forehead", "cheekbone", "cheek hollow", "collar", "chest"],
    [
        new("leaf", "Leaves", Stage.BodyColour, Tool.Round6, 1, 30), new("petal", "Petals", Stage.BodyColour, Tool.Round6, 1, 60),
        Line("Outlines", Tool.Round1, goesRound: true), new("heart", "Heart", Stage.Highlight, Tool.Round3, 1, 80),
    ],
    [
        ParameterSpec.Choice("at", "Sits at", "Where the heart lies.", 0, "temple", "cheekbone", "brow", "collar bone"),
        ParameterSpec.Length("size", "Size", "Across the outer petals.", 12, 80, Of(0.24, "faceWidth")),
        ParameterSpec.Count("petals", "Petals a layer", "In each layer.", 4, 9, 5),
        ParameterSpec.Count("layers", "Layers", "From the outside in.", 1, 3, 2),
        ParameterSpec.Count("leaves", "Leaves", "Behind the petals.", 0, 5, 2),
    ])
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("petal", 2, 2)];

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var heart = context.Word("at") switch
        {
            "cheekbone" => context.At("cheekbone") + new ChartPoint(6, 2),
            "brow" => context.At("brow_peak") + new ChartPoint(4, 16),
            "collar bone" => 0.6 * context.At("clavicle_inner") + 0.4 * context.At("clavicle_outer"),
            _ => 0.5 * (context.At("frontotemporale") + context.At("brow_outer")) + new ChartPoint(5, 0),
        };
        var radius = context.Uneven(context.Number("size")) / 2;
        for (var k = 0; k < (int)Math.Round(context.Number("leaves")); k++)
        {
            var heading = context.UnevenAngle(-0.5 + 1.3 * k + 0.3 * context.Design.Either());
            var leaf = new SkinFrame(context.Body, context.Body.Go(heart, heading, 0.75 * radius), heading).Petal(0.8 * radius, 0.42 * radius);
            pen.Fill("leaf", leaf);
            pen.Stroke("line", [.. leaf, leaf[0]], Profile.Even(0.8));
        }

        var petals = (int)Math.Round(context.Number("petals"));
        for (var layer = 0; layer < (int)Math.Round(context.Number("layers")); layer++)
        {
            for (var k = 0; k < petals; k++)
            {
                var heading = 2 * Math.PI * (k + 0.5 * layer) / petals + 0.12 * context.Design.Either();
                var length = radius * (1 - 0.3 * layer) * (0.92 + 0.16 * context.Design.Unit());
                var w = 1.15 * Math.PI * length / petals;
                var petal = new SkinFrame(context.Body, heart, heading).Outline((0.12 * length, 0), (0.5 * length, 0.42 * w), (0.85 * length, 0.46 * w), (0.98 * length, 0.16 * w), (0.92 * length, 0), (0.98 * length, -0.16 * w), (0.85 * length, -0.46 * w), (0.5 * length, -0.42 * w));
                pen.Fill("petal", petal);
                pen.Stroke("line", [.. petal, petal[0]], Profile.Even(0.9));
            }
        }

        pen.Dot("heart", heart, 0.3 * radius);
        pen.Say("Across", 2 * radius, "mm", $"at the {context.Word("at")}");
    }
}
