namespace Datura.Core.Shapes.Kinds;

/// <summary>A ribbon that winds across the forehead or down the cheek, drawn with a flat brush.</summary>
public sealed class Ribbon() : DrawnKind("ribbon", "Ribbon", Family.Ornament, ["forehead", "cheekbone", "temple"],
    [new("ribbon", "Ribbon", Stage.BodyColour, Tool.FlatBrush, 1, 50), Line("Edges", Tool.Round1, goesRound: true)],
    [
        ParameterSpec.Choice("along", "Winds", "Its path.", 0, "over the brow", "down the cheek"),
        ParameterSpec.Length("width", "Width", "Of the band.", 4, 26, 11),
        ParameterSpec.Length("wave", "Wave", "Height of its waves.", 0, 20, 6),
        ParameterSpec.Count("waves", "Waves", "Along its length.", 1, 5, 2),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        Body.ChartPoint[] knots = context.Word("along") == "down the cheek"
            ? [context.At("exocanthion") + new Body.ChartPoint(14, 8), context.At("cheekbone") + new Body.ChartPoint(16, -8), context.At("gonion") + new Body.ChartPoint(-22, 8)]
            : [context.At("glabella") + new Body.ChartPoint(4, 12), context.At("brow_peak") + new Body.ChartPoint(0, 18), context.At("frontotemporale") + new Body.ChartPoint(4, -6)];
        var path = Curves.Through(knots, closed: false);
        var spine = path.Select((p, k) => p + new Body.ChartPoint(0, context.Uneven(context.Number("wave")) * Math.Sin(2 * Math.PI * context.Number("waves") * k / path.Count))).ToArray();
        // A flat brush held at one angle is broad across it and thin along it.
        var band = Curves.Band(spine, t => context.Number("width") / 2 * (0.45 + 0.55 * Math.Abs(Math.Cos(2 * Math.PI * context.Number("waves") * t))));
        pen.Say("Length", context.Body.LineMm(spine), "mm");
        pen.Fill("ribbon", band, 0.8);
        pen.Stroke("line", [.. band.Coordinates.Select(c => new Body.ChartPoint(c.X, c.Y))], Profile.Even(0.9));
    }
}
