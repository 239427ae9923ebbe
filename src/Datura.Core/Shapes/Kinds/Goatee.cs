namespace Datura.Core.Shapes.Kinds;

/// <summary>Hair on the chin, drawn in strokes that flow down to a point.</summary>
public sealed class Goatee() : DrawnKind("goatee", "Goatee", Family.Flesh, [Zone.Chin, Zone.UnderJaw],
    [LineCoat], [Count, Length, Width, LineSetting])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Strokes a side", "Close together.", 3, 20, 9);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 8, 50, Of(0.22, "lowerFaceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Spread", "From the middle outwards.", 4, 28, 13);
    private static readonly NumberSpec LineSetting = ParameterSpec.Length("line", "Width at the root", "Thins to a hair.", 0.6, 4, 2, 0.2);
    private static readonly CoatRole LineCoat = Line("Hair", Tool.Round3);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var top = context.Body.Go(context.At(Landmark.LabialeInferius), -Math.PI / 2, 9);
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var share = (k + 0.3) / count;
            var start = top + new ChartPoint(share * context.Number(Width), -4 * share + 2 * context.Design.Either());
            var length = context.Uneven(context.Number(Length)) * (1 - 0.45 * share);
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(-Math.PI / 2 - 0.5 * share));
            pen.Stroke(LineCoat, frame.Curve((0, 0), (0.5 * length, -0.06 * length), (length, 0.02 * length)), Profile.ThickToThin(context.Number(LineSetting)));
        }

        pen.Say("Longest", context.Number(Length), "mm");
    }
}
