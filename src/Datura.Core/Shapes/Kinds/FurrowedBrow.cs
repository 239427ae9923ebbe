namespace Datura.Core.Shapes.Kinds;

/// <summary>The upright folds between the brows that a frown makes.</summary>
public sealed class FurrowedBrow() : DrawnKind("furrowedBrow", "Furrowed brow", Family.Flesh, [Zone.Forehead, Zone.Nose],
    [LineCoat, LightCoat], [Count, Length, Width, Lean])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Folds a side", "From the middle outwards.", 1, 3, 2);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "From the nose root up.", 8, 45, Of(0.12, "faceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of a fold in its middle.", 0.6, 5, 2, 0.2);
    private static readonly NumberSpec Lean = ParameterSpec.Angle("lean", "Lean", "Outwards at the top.", -10, 40, 14);
    private static readonly CoatRole LineCoat = Line("Folds");
    private static readonly CoatRole LightCoat = new("light", "Light side", Stage.Highlight, Tool.Round3, 1, 90, Optional: true);

    public override bool IsFold => true;

    public override RemarkCode? Cue => RemarkCode.CueFrown;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        for (var k = 0; k < context.Count(Count); k++)
        {
            var start = context.At(Landmark.Sellion) + new ChartPoint(4.5 + 6 * k, 4 + 3 * k);
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(Math.PI / 2 - context.Number(Lean) * Math.PI / 180));
            var length = context.Uneven(context.Number(Length)) * (1 - 0.25 * k);
            var path = frame.Curve((0, 0), (0.4 * length, 1.6), (length, -1.2));
            pen.Stroke(LineCoat, path, Profile.Swelling(context.Number(Width)));
            // The light lies on the same side of every fold, as one lamp would put it.
            pen.Stroke(LightCoat, [.. path.Select(p => p + new ChartPoint(context.Side == Side.Right ? -1.6 : 1.6, 0))], Profile.Swelling(0.6 * context.Number(Width)));
        }

        pen.Say("Length", context.Number(Length), "mm", "from the nose root up");
    }
}
