namespace Datura.Core.Shapes.Kinds;

/// <summary>The fold from the wing of the nose past the corner of the mouth.</summary>
public sealed class SmileLine() : DrawnKind("smileLine", "Smile line", Family.Flesh, [Zone.UpperLip, Zone.CheekHollow, Zone.Chin],
    [LineCoat, LightCoat], [Past, Out, Width])
{
    private static readonly NumberSpec Past = ParameterSpec.Length("past", "Past the mouth corner", "How far it goes on below.", -10, 40, 8);
    private static readonly NumberSpec Out = ParameterSpec.Length("out", "Distance from the mouth", "From the corner outwards.", 3, 20, 8);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of the fold in its middle.", 0.6, 6, 2.2, 0.2);
    private static readonly CoatRole LineCoat = Line("Fold");
    private static readonly CoatRole LightCoat = new("light", "Light side", Stage.Highlight, Tool.Round3, 1, 90, Optional: true);

    public override bool IsFold => true;

    public override RemarkCode? Cue => RemarkCode.CueSmile;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var side = body.Go(context.At(Landmark.Cheilion), 0.25, context.Uneven(context.Number(Out)));
        var start = body.Go(context.At(Landmark.Alare), 0.9, 4);
        var end = body.Go(side, -1.75, 12 + context.Uneven(context.Number(Past)));
        var path = Curves.Through([start, 0.5 * (start + side) + new ChartPoint(3, 2), side, end], closed: false);
        pen.Say("Length", body.LineMm(path), "mm", "from the wing of the nose");
        pen.Stroke(LineCoat, path, Profile.Swelling(context.Number(Width)));
        pen.Stroke(LightCoat, [.. path.Select(p => p + new ChartPoint(2, 0.6))], Profile.Swelling(0.6 * context.Number(Width)));
    }
}
