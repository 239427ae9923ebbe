namespace Datura.Core.Shapes.Kinds;

/// <summary>A sewn seam: one line with crossing threads.</summary>
public sealed class Stitches() : DrawnKind("stitches", "Stitches", Family.Flesh, [Zone.CheekHollow, Zone.Cheekbone, Zone.Forehead, Zone.NeckSide, Zone.NeckFront, Zone.Jaw],
    [LineCoat], [From, Length, Turn, Thread, Pitch, Width])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Runs from", "The place it starts at.", 0, "corner of the mouth", "cheekbone", "forehead", "throat");
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the seam.", 12, 160, Of(0.34, "faceWidth"));
    private static readonly NumberSpec Turn = ParameterSpec.Angle("turn", "Turn", "Swings the seam.", -180, 180, 0);
    private static readonly NumberSpec Thread = ParameterSpec.Length("thread", "Thread", "Length of a crossing thread.", 3, 24, 9);
    private static readonly NumberSpec Pitch = ParameterSpec.Length("pitch", "Pitch", "From thread to thread.", 3, 20, 7);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Line width", "Of seam and thread.", 0.5, 3, 1.3, 0.1);
    private static readonly CoatRole LineCoat = Line("Seam and thread", Tool.Round1);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (landmark, heading) = context.Word(From) switch
        {
            "cheekbone" => (Landmark.Cheekbone, 2.6),
            "forehead" => (Landmark.Glabella, 0.9),
            "throat" => (Landmark.ThyroidNotch, 0.15),
            _ => (Landmark.Cheilion, 0.45),
        };
        var frame = new SkinFrame(context.Body, context.At(landmark), context.UnevenAngle(heading + context.Number(Turn) * Math.PI / 180));
        var (length, thread) = (context.Uneven(context.Number(Length)), context.Number(Thread));
        pen.Stroke(LineCoat, frame.Curve((0, 0), (0.35 * length, 2), (0.7 * length, -1), (length, 1)), Profile.Even(context.Number(Width)));
        var count = Math.Max(1, (int)(context.Number(Length) / context.Number(Pitch)));
        for (var k = 0; k < count; k++)
        {
            var along = (k + 0.5) * length / count;
            var lean = 1.5 * context.Design.Either();
            pen.Stroke(LineCoat, frame.Path((along - lean, thread / 2), (along, 0), (along + lean, -thread / 2)), Profile.Swelling(context.Number(Width)));
        }

        pen.Say("Seam", length, "mm");
        pen.Say("Threads", count, "");
    }
}
