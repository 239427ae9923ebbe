namespace Datura.Core.Shapes.Kinds;

/// <summary>The arc under the lower lip that makes the chin stand out.</summary>
public sealed class ChinArc() : DrawnKind("chinArc", "Chin arc", Family.Flesh, [Zone.Chin],
    [ShadeCoat], [Width, Below, Thick, Edge], sided: false)
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Span", "From end to end.", 12, 60, Of(0.62, "mouthWidth"));
    private static readonly NumberSpec Below = ParameterSpec.Length("below", "Below the lip", "From the edge of the lower lip.", 2, 20, 6);
    private static readonly NumberSpec Thick = ParameterSpec.Length("thick", "Thickness", "In the middle.", 1, 12, 5);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which the shade thins out.", 0.5, 10, 4, 0.5);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.Filbert, 1, 29);

    public override bool IsFold => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var top = context.Body.Go(context.At(Landmark.LabialeInferius), -Math.PI / 2, context.Number(Below));
        var frame = new SkinFrame(context.Body, top, 0);
        var half = context.Uneven(context.Number(Width)) / 2;
        var spine = frame.Curve((-half, -6), (-0.5 * half, -1.2), (0, 0), (0.5 * half, -1.2), (half, -6));
        pen.Say("Span", 2 * half, "mm");
        pen.Fill(ShadeCoat, Curves.Band(spine, t => context.Number(Thick) / 2 * Math.Sin(Math.PI * (0.08 + 0.84 * t))), context.Number(Edge));
    }
}
