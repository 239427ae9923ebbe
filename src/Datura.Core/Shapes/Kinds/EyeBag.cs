namespace Datura.Core.Shapes.Kinds;

/// <summary>The swollen pouch under the eye: a shade above, a dark edge below.</summary>
public sealed class EyeBag() : DrawnKind("eyeBag", "Under-eye bag", Family.Flesh, [Zone.Orbit, Zone.Cheekbone],
    [ShadeCoat, LineCoat], [Depth, Width, Edge])
{
    private static readonly NumberSpec Depth = ParameterSpec.Length("depth", "Depth", "From the lower lid down.", 4, 30, Of(0.1, "lowerFaceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Line width", "Of the lower edge.", 0.6, 4, 1.6, 0.2);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Of the shade.", 1, 14, 6);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.Filbert, 1, 35);
    private static readonly CoatRole LineCoat = Line("Lower edge", goesRound: true);

    public override bool IsFold => true;

    public override RemarkCode? Cue => RemarkCode.CueLookUp;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var (inner, outer) = (context.At(Landmark.Endocanthion), context.At(Landmark.Exocanthion));
        var depth = context.Uneven(context.Number(Depth));
        var lid = body.Go(context.At(Landmark.PalpebraleInferius), -Math.PI / 2, 2);
        var low = body.Go(lid, -Math.PI / 2, depth);
        var lower = Curves.Through([inner + new ChartPoint(2, -3), 0.5 * (inner + low) + new ChartPoint(-1, -2), low, 0.45 * (outer + low) + 0.1 * low + new ChartPoint(2, 0),
            outer + new ChartPoint(1, -4)], closed: false);
        pen.Say("Depth", depth, "mm", "below the lower lid");
        pen.Fill(ShadeCoat, [.. lower, outer + new ChartPoint(-2, -3), lid, inner + new ChartPoint(3, -2)], context.Number(Edge));
        pen.Stroke(LineCoat, lower, Profile.Swelling(context.Number(Width)));
    }
}
