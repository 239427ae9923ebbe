using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>A crest of drops over the brows at set angles, tallest in the middle.</summary>
public sealed class DropCrest() : DrawnKind("dropCrest", "Crest of drops", Family.Ornament, ["forehead"],
    [new("drop", "Drops", Stage.BodyColour, Tool.Round6, 1, 70), new("dot", "Dots", Stage.Highlight, Tool.Round1, 1, 95, Optional: true)],
    [
        ParameterSpec.Count("count", "Drops a side", "Beside the middle one.", 1, 6, 3),
        ParameterSpec.Length("length", "Tallest", "In the middle.", 8, 60, Of(0.16, "faceHeight")),
        ParameterSpec.Angle("step", "Angle", "From one drop to the next.", 5, 40, 17),
        ParameterSpec.Ratio("grade", "Grading", "Height of each to the one before it.", 0.6, 1, 0.84),
        ParameterSpec.Length("above", "Above the nose root", "Where the crest springs from.", 0, 40, 14),
    ], sided: false)
{
    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var root = context.Body.Go(context.At("sellion"), Math.PI / 2, context.Number("above"));
        var count = (int)Math.Round(context.Number("count"));
        for (var k = -count; k <= count; k++)
        {
            var heading = context.UnevenAngle(Math.PI / 2 - k * context.Number("step") * Math.PI / 180);
            var length = context.Number("length") * Math.Pow(context.Number("grade"), Math.Abs(k));
            // Points look down to where the crest springs from; the round ends crown it.
            var far = context.Body.Go(root, heading, 4 + 1.2 * Math.Abs(k) + length);
            pen.Fill("drop", new SkinFrame(context.Body, far, heading + Math.PI).Drop(length, 0.36 * length));
            pen.Dot("dot", context.Body.Go(far, heading, 3.5), 2.2 * Math.Pow(context.Number("grade"), Math.Abs(k)));
        }

        pen.Say("Drops", 2 * count + 1, "");
        pen.Say("Tallest", context.Number("length"), "mm");
        pen.Say("Angle between", context.Number("step"), "°");
    }
}
