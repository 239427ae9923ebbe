namespace Datura.Core.Shapes.Kinds;

/// <summary>A ribbon that winds across the forehead or down the cheek, drawn with a flat brush.</summary>
public sealed class Ribbon() : DrawnKind("ribbon", "Ribbon", Family.Ornament, [Zone.Forehead, Zone.Cheekbone, Zone.Temple],
    [RibbonCoat, LineCoat], [Along, Width, Wave, Waves])
{
    private const string IntoTheEye = "into the corner of the eye";

    private static readonly ChoiceSpec Along = ParameterSpec.Choice("along", "Winds", "Its path.", 0, "over the brow", "down the cheek", IntoTheEye);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of the band.", 4, 26, 11);
    private static readonly NumberSpec Wave = ParameterSpec.Length("wave", "Wave", "Height of its waves.", 0, 20, 6);
    private static readonly CountSpec Waves = ParameterSpec.Count("waves", "Waves", "Along its length.", 1, 5, 2);
    private static readonly CoatRole RibbonCoat = new("ribbon", "Ribbon", Stage.BodyColour, Tool.FlatBrush, 1, 50);
    private static readonly CoatRole LineCoat = Line("Edges", Tool.Round1, goesRound: true);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        ChartPoint[] knots = context.Word(Along) switch
        {
            IntoTheEye => [context.At(Landmark.Exocanthion) + new ChartPoint(4, 1), context.At(Landmark.Exocanthion) + new ChartPoint(20, 9),
                context.At(Landmark.BrowOuter) + new ChartPoint(12, 22), context.At(Landmark.Frontotemporale) + new ChartPoint(-12, 14)],
            "down the cheek" => [context.At(Landmark.Exocanthion) + new ChartPoint(14, 8), context.At(Landmark.Cheekbone) + new ChartPoint(16, -8), context.At(Landmark.Gonion) + new ChartPoint(-22, 8)],
            _ => [context.At(Landmark.Glabella) + new ChartPoint(4, 12), context.At(Landmark.BrowPeak) + new ChartPoint(0, 18), context.At(Landmark.Frontotemporale) + new ChartPoint(4, -6)],
        };
        var path = Curves.Through(knots, closed: false);
        var spine = path.Select((p, k) => p + new ChartPoint(0, context.Uneven(context.Number(Wave)) * Math.Sin(2 * Math.PI * context.Number(Waves) * k / path.Count))).ToArray();
        // A flat brush held at one angle is broad across it and thin along it.
        var sweeps = context.Word(Along) == IntoTheEye;
        double Half(double t) => context.Number(Width) / 2 * (0.45 + 0.55 * Math.Abs(Math.Cos(2 * Math.PI * context.Number(Waves) * t))) * (sweeps ? Math.Clamp(2.2 * t, 0.06, 1) : 1);
        var band = Curves.Band(spine, Half);
        pen.Say("Length", context.Body.LineMm(spine), "mm");
        pen.Fill(RibbonCoat, band, 0.8);
        pen.Stroke(LineCoat, [.. band.Coordinates.Select(c => new ChartPoint(c.X, c.Y))], Profile.Even(0.9));
    }
}
