namespace Datura.Core.Shapes.Kinds;

/// <summary>Hair on the chin, drawn in strokes that flow down to a point.</summary>
public sealed class Goatee() : DrawnKind("goatee", "Goatee", Family.Flesh, ["chin", "under-jaw"],
    [Line("Hair", Tool.Round3)],
    [
        ParameterSpec.Count("count", "Strokes a side", "Close together.", 3, 20, 9),
        ParameterSpec.Length("length", "Length", "Of the longest.", 8, 50, Of(0.22, "lowerFaceHeight")),
        ParameterSpec.Length("width", "Spread", "From the middle outwards.", 4, 28, 13),
        ParameterSpec.Length("line", "Width at the root", "Thins to a hair.", 0.6, 4, 2, 0.2),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var top = context.Body.Go(context.At("labiale_inferius"), -Math.PI / 2, 9);
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var share = (k + 0.3) / count;
            var start = top + new Body.ChartPoint(share * context.Number("width"), -4 * share + 2 * context.Design.Either());
            var length = context.Uneven(context.Number("length")) * (1 - 0.45 * share);
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(-Math.PI / 2 - 0.5 * share));
            pen.Stroke("line", frame.Curve((0, 0), (0.5 * length, -0.06 * length), (length, 0.02 * length)), Profile.ThickToThin(context.Number("line")));
        }

        pen.Say("Longest", context.Number("length"), "mm");
    }
}
