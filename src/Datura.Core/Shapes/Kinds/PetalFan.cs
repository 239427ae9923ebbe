namespace Datura.Core.Shapes.Kinds;

/// <summary>A fan of petals that all aim at one point of the face.</summary>
public sealed class PetalFan() : DrawnKind("petalFan", "Petal fan", Family.Ornament, ["forehead", "cheekbone", "chin", "sternum"],
    [new("petal", "Petals", Stage.BodyColour, Tool.Round6, 1, 60), Line("Outlines", Tool.Round1, goesRound: true)],
    [
        ParameterSpec.Choice("focus", "Aims at", "The point the petals start from.", 0, "nose root", "chin", "notch of the collar bones"),
        ParameterSpec.Count("count", "Petals", "An odd number has one in the middle.", 3, 13, 7),
        ParameterSpec.Length("length", "Length", "Of the middle petal.", 10, 70, Of(0.2, "faceHeight")),
        ParameterSpec.Angle("fan", "Fan", "Angle between the outermost.", 30, 200, 130),
        ParameterSpec.Length("off", "Off the point", "Where the petals begin.", 2, 30, 8),
    ], sided: false)
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (focus, up) = context.Word("focus") switch
        {
            "chin" => (context.At("gnathion") + new Body.ChartPoint(0, 6), 1),
            "notch of the collar bones" => (context.At("suprasternale"), -1),
            _ => (context.At("sellion"), 1),
        };
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var spread = (double)k / (count - 1) - 0.5;
            var heading = up * Math.PI / 2 + spread * context.Number("fan") * Math.PI / 180;
            var length = context.Uneven(context.Number("length")) * (1 - 0.55 * Math.Abs(spread));
            var petal = new SkinFrame(context.Body, context.Body.Go(focus, heading, context.Number("off")), heading).Petal(length, 0.4 * length);
            pen.Fill("petal", petal);
            pen.Stroke("line", [.. petal, petal[0]], Profile.Even(1));
        }

        pen.Say("Middle petal", context.Number("length"), "mm");
    }
}
