namespace Datura.Core.Shapes.Kinds;

/// <summary>The small folds that fan out from the outer corner of the eye when it squints.</summary>
public sealed class CrowsFeet() : DrawnKind("crowsFeet", "Crow's feet", Family.Flesh, [Zone.Temple, Zone.Orbit],
    [LineCoat], [Count, Length, Fan, Width])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Folds", "In the fan.", 2, 7, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 6, 40, Of(0.24, "outerEyeDistance"));
    private static readonly NumberSpec Fan = ParameterSpec.Angle("fan", "Fan", "Angle between the outermost folds.", 10, 120, 62);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the eye", "Thins to a hair.", 0.5, 4, 1.4, 0.1);
    private static readonly CoatRole LineCoat = Line("Folds", Tool.Round1);

    public override bool IsFold => true;

    public override RemarkCode? Cue => RemarkCode.CueSqueeze;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var spread = (double)k / (count - 1) - 0.5;
            var start = context.Body.Go(context.At(Landmark.Exocanthion), 0.05 + spread, 6);
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(0.05 - spread * context.Number(Fan) * Math.PI / 180));
            var length = context.Uneven(context.Number(Length)) * (1 - 0.5 * Math.Abs(spread));
            pen.Stroke(LineCoat, frame.Curve((0, 0), (0.5 * length, 1.2 * Math.Sign(spread)), (length, 3 * spread)), Profile.ThickToThin(context.Number(Width)));
        }

        pen.Say("Longest", context.Number(Length), "mm", "from the outer corner of the eye");
    }
}
