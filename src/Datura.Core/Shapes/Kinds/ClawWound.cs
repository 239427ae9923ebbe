namespace Datura.Core.Shapes.Kinds;

/// <summary>A fan of torn channels that start thin, swell and end in points, running outward from the nose and skipping the eye.</summary>
public sealed class ClawWound() : DrawnKind("clawWound", "Claw wound", Family.Flesh, [Zone.Cheekbone, Zone.CheekHollow, Zone.Forehead],
    [DeepCoat, LineCoat, LightCoat], [Count, Length, Width, Apart, Fan])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Channels", "In the fan.", 1, 5, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 20, 120, Of(0.42, "faceWidth"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At the widest.", 2, 14, 6);
    private static readonly NumberSpec Apart = ParameterSpec.Length("apart", "Apart", "From one channel to the next at the nose.", 5, 24, 12);
    private static readonly NumberSpec Fan = ParameterSpec.Angle("fan", "Fan", "How much they spread.", 0, 50, 16);
    private static readonly CoatRole DeepCoat = new("deep", "Channel", Stage.BodyColour, Tool.Round5, 1, 30);
    private static readonly CoatRole LineCoat = Line("Edge", Tool.Round3, goesRound: true);
    private static readonly CoatRole LightCoat = new("light", "Lifted rim", Stage.Highlight, Tool.Round1, 1, 90, Optional: true);

    // Clear of the lid, mm (by judgement).
    private const double FromLidMm = 1.5;

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(DeepCoat, -2.5, 2)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var count = context.Count(Count);
        var eye = context.Body.Once("clear of the lid", () => context.Body.ZoneOutlines[Zone.Lid].Buffer(FromLidMm));
        for (var k = 0; k < count; k++)
        {
            var spread = k - (count - 1) / 2.0;
            // The whole fan starts below the eye, beside the nose.
            var start = context.At(Landmark.Alare) + new ChartPoint(9, 8 + spread * -context.Number(Apart));
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(-0.1 - spread * context.Number(Fan) * Math.PI / 180));
            var length = context.Uneven(context.Number(Length)) * (1 - 0.16 * Math.Abs(spread));
            var spine = frame.Curve((0, 0), (0.35 * length, 2), (0.7 * length, 0.5), (length, -4));
            var width = context.Number(Width);
            pen.Fill(DeepCoat, Curves.Polygon(Curves.Ragged([.. Ring(spine, width)], 0.5, context.Design)).Difference(eye), 1.2);
            Line(LineCoat, [.. spine.Select((p, n) => p + new ChartPoint(0, 0.42 * width * Math.Sin(Math.PI * n / (spine.Count - 1.0))))], Profile.Swelling(1.5));
            Line(LightCoat, [.. spine.Select((p, n) => p - new ChartPoint(0, 0.6 * width * Math.Sin(Math.PI * n / (spine.Count - 1.0)) + 0.5))], Profile.Swelling(1.1));
        }

        void Line(CoatRole coat, ChartPoint[] path, Func<double, double> width)
        {
            // Lifted at the eye and set down again behind it.
            foreach (var piece in Curves.Outside(path, eye))
            {
                pen.Stroke(coat, piece, width);
            }
        }

        pen.Say("Longest", context.Number(Length), "mm", "outward from the nose");
    }

    private static IEnumerable<ChartPoint> Ring(List<ChartPoint> spine, double width)
    {
        var band = Curves.Band(spine, t => Math.Max(0.15, width / 2 * Math.Sin(Math.PI * Math.Clamp(t, 0.02, 0.98))));
        return band.Coordinates.Take(band.Coordinates.Length - 1).Select(c => new ChartPoint(c.X, c.Y));
    }
}
