namespace Datura.Core.Shapes.Kinds;

/// <summary>A dark band under the edge of the jaw from ear to chin, so that the jaw reads as bone.</summary>
public sealed class JawEdge() : DrawnKind("jawEdge", "Jaw edge", Family.Bone, [Zone.Jaw, Zone.UnderJaw],
    [ShadeCoat], [Width, Below, Edge])
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of the band at the corner of the jaw.", 5, 40, 16);
    private static readonly NumberSpec Below = ParameterSpec.Length("below", "Below the edge", "How far under the edge its middle runs.", -6, 25, 7);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which the shade thins out.", 2, 25, 11);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.SoftBrush, 1, 29);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var below = context.Number(Below);
        var ear = body.Go(context.At(Landmark.Tragion), -Math.PI / 2, 34);
        var spine = Curves.Through(
            [ear, body.Go(context.At(Landmark.Gonion), -2.1, below), body.Go(0.5 * (context.At(Landmark.Gonion) + context.At(Landmark.Gnathion)), -1.9, 4 + below),
                body.Go(context.At(Landmark.Gnathion), -Math.PI / 2, below)],
            closed: false);
        var width = context.Uneven(context.Number(Width));
        pen.Say("Length", body.LineMm(spine), "mm", "from ear to chin");
        pen.Fill(ShadeCoat, Curves.Band(spine, t => width / 2 * (0.35 + 0.65 * Math.Sin(Math.PI * (0.1 + 0.75 * t)))), context.Number(Edge));
    }
}
