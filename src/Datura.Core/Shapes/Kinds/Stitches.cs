namespace Datura.Core.Shapes.Kinds;

/// <summary>A sewn seam: one line with crossing threads.</summary>
public sealed class Stitches() : DrawnKind("stitches", "Stitches", Family.Flesh, ["cheek hollow", "cheekbone", "forehead", "neck side", "neck front", "jaw"],
    [Line("Seam and thread", Tool.Round1)],
    [
        ParameterSpec.Choice("from", "Runs from", "The place it starts at.", 0, "corner of the mouth", "cheekbone", "forehead", "throat"),
        ParameterSpec.Length("length", "Length", "Of the seam.", 12, 160, Of(0.34, "faceWidth")),
        ParameterSpec.Angle("turn", "Turn", "Swings the seam.", -180, 180, 0),
        ParameterSpec.Length("thread", "Thread", "Length of a crossing thread.", 3, 24, 9),
        ParameterSpec.Length("pitch", "Pitch", "From thread to thread.", 3, 20, 7),
        ParameterSpec.Length("width", "Line width", "Of seam and thread.", 0.5, 3, 1.3, 0.1),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (landmark, heading) = context.Word("from") switch
        {
            "cheekbone" => ("cheekbone", 2.6),
            "forehead" => ("glabella", 0.9),
            "throat" => ("thyroid_notch", 0.15),
            _ => ("cheilion", 0.45),
        };
        var frame = new SkinFrame(context.Body, context.At(landmark), context.UnevenAngle(heading + context.Number("turn") * Math.PI / 180));
        var (length, thread) = (context.Uneven(context.Number("length")), context.Number("thread"));
        pen.Stroke("line", frame.Curve((0, 0), (0.35 * length, 2), (0.7 * length, -1), (length, 1)), Profile.Even(context.Number("width")));
        var count = Math.Max(1, (int)(context.Number("length") / context.Number("pitch")));
        for (var k = 0; k < count; k++)
        {
            var along = (k + 0.5) * length / count;
            var lean = 1.5 * context.Design.Either();
            pen.Stroke("line", frame.Path((along - lean, thread / 2), (along, 0), (along + lean, -thread / 2)), Profile.Swelling(context.Number("width")));
        }

        pen.Say("Seam", length, "mm");
        pen.Say("Threads", count, "");
    }
}
