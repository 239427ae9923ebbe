using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>The painter's own drawing, laid along the skin like a soft card: lengths from its middle stay true.</summary>
public sealed class MotifKind() : DrawnKind("motif", "Your own motif", Family.Ornament,
    ["forehead", "temple", "cheekbone", "cheek hollow", "chin", "neck front", "neck side", "collar", "sternum", "chest"],
    [new("fill", "Figures", Stage.BodyColour, Tool.Round5, 1, 60), Line()],
    [
        ParameterSpec.Choice("at", "Sits at", "Where its middle lies.", 2, "forehead", "temple", "cheekbone", "chin", "throat", "collar bone", "breastbone"),
        ParameterSpec.Length("size", "Size", "Its longer side, on the skin.", 8, 160, Of(0.22, "faceHeight")),
        ParameterSpec.Angle("turn", "Turn", "Counter-clockwise as seen.", -180, 180, 0),
        ParameterSpec.Length("line", "Thinnest line", "No line gets thinner.", 0.4, 4, 0.8, 0.1),
    ])
{
    public override bool NeedsOwnGround => true;

    public override IReadOnlyDictionary<string, string> WordsFor(string zone) => new Dictionary<string, string>
    {
        ["at"] = zone switch
        {
            "forehead" => "forehead",
            "temple" => "temple",
            "chin" => "chin",
            "neck front" or "neck side" => "throat",
            "collar" => "collar bone",
            "sternum" or "chest" => "breastbone",
            _ => "cheekbone",
        },
    };

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word("at") switch
        {
            "forehead" => 0.5 * (context.At("trichion") + context.At("glabella")) + new ChartPoint(22, 0),
            "temple" => 0.5 * (context.At("frontotemporale") + context.At("brow_outer")) + new ChartPoint(5, 0),
            "chin" => 0.5 * (context.At("labiale_inferius") + context.At("gnathion")) + new ChartPoint(12, 0),
            "throat" => context.At("thyroid_notch") + new ChartPoint(24, 0),
            "collar bone" => 0.5 * (context.At("clavicle_inner") + context.At("clavicle_outer")) + new ChartPoint(0, -20),
            "breastbone" => context.At("midsternale") + new ChartPoint(34, 0),
            _ => context.At("cheekbone") + new ChartPoint(4, -8),
        };
        var size = context.Uneven(context.Number("size"));
        var (sin, cos) = Math.SinCos(context.UnevenAngle(context.Number("turn") * Math.PI / 180));
        var motif = context.Motif ?? Motif.Lantern;
        List<ChartPoint> Laid(MotifShape shape)
        {
            var result = new List<ChartPoint>();
            for (var k = 0; k + 1 < shape.Points.Count; k += 2)
            {
                var (x, y) = (size * shape.Points[k], size * shape.Points[k + 1]);
                result.Add(context.Body.Lay(middle, x * cos - y * sin, x * sin + y * cos));
            }

            return result;
        }

        pen.Say("Longer side", size, "mm", motif.Name);
        foreach (var shape in motif.Shapes)
        {
            if (shape.Filled)
            {
                pen.Fill("fill", Laid(shape));
            }
            else
            {
                pen.Stroke("line", Laid(shape), Profile.Even(Math.Max(context.Number("line"), size * shape.Width)));
            }
        }
    }
}
