namespace Datura.Core.Shapes.Kinds;

/// <summary>The painter's own drawing, laid along the skin like a soft card: lengths from its middle stay true.</summary>
public sealed class MotifKind() : DrawnKind("motif", "Your own motif", Family.Ornament,
    [Zone.Forehead, Zone.Temple, Zone.Cheekbone, Zone.CheekHollow, Zone.Chin, Zone.NeckFront, Zone.NeckSide, Zone.Collar, Zone.Sternum, Zone.Chest],
    [FillCoat, LineCoat], [At, Size, Turn, LineSetting])
{
    private static readonly ChoiceSpec At = ParameterSpec.Choice("at", "Sits at", "Where its middle lies.", 2, "forehead", "temple", "cheekbone", "chin", "throat", "collar bone", "breastbone");
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Its longer side, on the skin.", 8, 160, Of(0.22, "faceHeight"));
    private static readonly NumberSpec Turn = ParameterSpec.Angle("turn", "Turn", "Counter-clockwise as seen.", -180, 180, 0);
    private static readonly NumberSpec LineSetting = ParameterSpec.Length("line", "Thinnest line", "No line gets thinner.", 0.4, 4, 0.8, 0.1);
    private static readonly CoatRole FillCoat = new("fill", "Figures", Stage.BodyColour, Tool.Round5, 1, 60);
    private static readonly CoatRole LineCoat = Line();

    public override bool NeedsOwnGround => true;

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [At.Id] = zone switch
        {
            Zone.Forehead => "forehead",
            Zone.Temple => "temple",
            Zone.Chin => "chin",
            Zone.NeckFront or Zone.NeckSide => "throat",
            Zone.Collar => "collar bone",
            Zone.Sternum or Zone.Chest => "breastbone",
            _ => "cheekbone",
        },
    };

    // A drawing on chin, throat or breastbone that is to be on both sides is one in the middle.
    protected override bool IsOnceInTheMiddle(Part part) => part.Sides == Sides.Both && part.Words.TryGetValue(At.Id, out var at) && at is "forehead" or "chin" or "throat" or "breastbone";

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word(At) switch
        {
            "forehead" => 0.5 * (context.At(Landmark.Trichion) + context.At(Landmark.Glabella)) + new ChartPoint(22, 0),
            "temple" => 0.5 * (context.At(Landmark.Frontotemporale) + context.At(Landmark.BrowOuter)) + new ChartPoint(5, 0),
            "chin" => 0.5 * (context.At(Landmark.LabialeInferius) + context.At(Landmark.Gnathion)) + new ChartPoint(12, 0),
            "throat" => context.At(Landmark.ThyroidNotch) + new ChartPoint(24, 0),
            "collar bone" => 0.5 * (context.At(Landmark.ClavicleInner) + context.At(Landmark.ClavicleOuter)) + new ChartPoint(0, -20),
            "breastbone" => context.At(Landmark.Midsternale) + new ChartPoint(34, 0),
            _ => context.At(Landmark.Cheekbone) + new ChartPoint(4, -8),
        };
        middle = context.Side == Side.Middle ? middle with { XMm = 0 } : middle;
        var size = context.Uneven(context.Number(Size));
        var (sin, cos) = Math.SinCos(context.UnevenAngle(context.Number(Turn) * Math.PI / 180));
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
                pen.Fill(FillCoat, Laid(shape));
            }
            else
            {
                pen.Stroke(LineCoat, Laid(shape), Profile.Even(Math.Max(context.Number(LineSetting), size * shape.Width)));
            }
        }
    }
}
