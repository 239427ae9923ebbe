namespace Datura.Core.Shapes.Kinds;

/// <summary>The swollen pouch under the eye: a shade above, a dark edge below.</summary>
public sealed class EyeBag() : DrawnKind("eyeBag", "Under-eye bag", Family.Flesh, ["orbit", "cheekbone"],
    [new("shade", "Shade", Stage.Depth, Tool.Filbert, 1, 35), Line("Lower edge", goesRound: true)],
    [
        ParameterSpec.Length("depth", "Depth", "From the lower lid down.", 4, 30, Of(0.1, "lowerFaceHeight")),
        ParameterSpec.Length("width", "Line width", "Of the lower edge.", 0.6, 4, 1.6, 0.2),
        ParameterSpec.Length("edge", "Soft edge", "Of the shade.", 1, 14, 6),
    ])
{
    public override bool IsFold => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var (inner, outer) = (context.At("endocanthion"), context.At("exocanthion"));
        var depth = context.Uneven(context.Number("depth"));
        var lid = body.Go(context.At("palpebrale_inferius"), -Math.PI / 2, 2);
        var low = body.Go(lid, -Math.PI / 2, depth);
        var lower = Curves.Through([inner + new Body.ChartPoint(2, -3), 0.5 * (inner + low) + new Body.ChartPoint(-1, -2), low, 0.45 * (outer + low) + 0.1 * low + new Body.ChartPoint(2, 0), outer + new Body.ChartPoint(1, -4)], closed: false);
        pen.Say("Depth", depth, "mm", "below the lower lid");
        pen.Fill("shade", [.. lower, outer + new Body.ChartPoint(-2, -3), lid, inner + new Body.ChartPoint(3, -2)], context.Number("edge"));
        pen.Stroke("line", lower, Profile.Swelling(context.Number("width")));
    }
}
