namespace Datura.Core.Shapes.Kinds;

/// <summary>A jaw that reads as bone: a crisp lower border with the shade beneath it, and the ramus a light plane up to the ear (common practice).</summary>
public sealed class JawEdge() : DrawnKind("jawEdge", "Jaw edge", Family.Bone, [Zone.Jaw, Zone.UnderJaw],
    [ShadeCoat, LightCoat], [Width, Below, Edge])
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of the shade at the corner of the jaw.", 5, 40, 18);
    private static readonly NumberSpec Below = ParameterSpec.Length("below", "Below the edge", "How far under the edge the shade begins; less than 0 is above it.", -14, 20, -3);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Of the border against the light.", 0.5, 25, 2.5, 0.5);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.SoftBrush, 2, 22);
    private static readonly CoatRole LightCoat = new("light", "Light plane", Stage.Highlight, Tool.Filbert, 1, 85, Optional: true);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var below = context.Number(Below);
        ChartPoint Under(ChartPoint at, double mm) => body.Go(at, -Math.PI / 2, mm);
        var (ear, corner, chin) = (Under(context.At(Landmark.Tragion), 30), context.At(Landmark.Gonion), context.At(Landmark.Gnathion));
        var half = 0.5 * (corner + chin);
        var upper = Curves.Through([ear, Under(corner, below), Under(half, below + 2), Under(chin + new ChartPoint(14, 3), below), Under(chin + new ChartPoint(2, 1), below)], closed: false);
        var width = context.Uneven(context.Number(Width));
        // Widest under the corner of the jaw, thin at the ear and under the chin.
        List<ChartPoint> lower = [.. upper.Select((p, k) => (double)k / (upper.Count - 1) is var t ? Under(p, width * (0.25 + 0.75 * Math.Sin(Math.PI * Math.Pow(t, 0.75) * 0.94))) : p)];
        pen.Say("Length", body.LineMm(upper), "mm", "from ear to chin");
        var middle = upper[upper.Count / 2];
        pen.Fill(ShadeCoat, Curves.Polygon([.. upper, .. lower.AsEnumerable().Reverse()]), context.Number(Edge), across: new(middle, Under(middle, 1.9 * width)));
        pen.Fill(LightCoat, Curves.Band(Curves.Through([ear + new ChartPoint(-16, -4), corner + new ChartPoint(-8, 12), half + new ChartPoint(-4, 12)], closed: false), t => 0.28 * width * Math.Sin(Math.PI * (0.15 + 0.8 * t))), 0.5 * width);
    }
}
