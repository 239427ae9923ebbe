namespace Datura.Core.Shapes.Kinds;

/// <summary>The fold from the wing of the nose past the corner of the mouth.</summary>
public sealed class SmileLine() : DrawnKind("smileLine", "Smile line", Family.Flesh, ["upper lip", "cheek hollow", "chin"],
    [Line("Fold"), new("light", "Light side", Stage.Highlight, Tool.Round3, 1, 90, Optional: true)],
    [
        ParameterSpec.Length("past", "Past the mouth corner", "How far it goes on below.", -10, 40, 8),
        ParameterSpec.Length("out", "Distance from the mouth", "From the corner outwards.", 3, 20, 8),
        ParameterSpec.Length("width", "Width", "Of the fold in its middle.", 0.6, 6, 2.2, 0.2),
    ])
{
    public override bool IsFold => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var side = body.Go(context.At("cheilion"), 0.25, context.Uneven(context.Number("out")));
        var start = body.Go(context.At("alare"), 0.9, 4);
        var end = body.Go(side, -1.75, 12 + context.Uneven(context.Number("past")));
        var path = Curves.Through([start, 0.5 * (start + side) + new Body.ChartPoint(3, 2), side, end], closed: false);
        pen.Say("Length", body.LineMm(path), "mm", "from the wing of the nose");
        pen.Stroke("line", path, Profile.Swelling(context.Number("width")));
        pen.Stroke("light", [.. path.Select(p => p + new Body.ChartPoint(2, 0.6))], Profile.Swelling(0.6 * context.Number("width")));
    }
}
