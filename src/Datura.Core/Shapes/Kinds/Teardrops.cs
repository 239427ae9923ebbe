namespace Datura.Core.Shapes.Kinds;

/// <summary>A cluster of drops that shrink outwards from the largest.</summary>
public sealed class Teardrops() : DrawnKind("teardrops", "Teardrop cluster", Family.Ornament, ["cheekbone", "orbit", "forehead", "chin"],
    [new("drop", "Drops", Stage.BodyColour, Tool.Round5, 1, 60)],
    [
        ParameterSpec.Choice("under", "Hangs", "Where the cluster sits.", 0, "under the eye", "over the brow", "from the outer eye"),
        ParameterSpec.Count("count", "Drops", "An odd number looks best.", 1, 9, 5),
        ParameterSpec.Length("length", "Length", "Of the largest.", 4, 35, Of(0.13, "lowerFaceHeight")),
        ParameterSpec.Angle("fan", "Fan", "Angle between the outermost.", 0, 160, 80),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, heading) = context.Word("under") switch
        {
            "over the brow" => (context.Body.Go(context.At("brow_peak"), Math.PI / 2, 5), Math.PI / 2),
            "from the outer eye" => (context.Body.Go(context.At("exocanthion"), 0, 7), 0.0),
            _ => (context.Body.Go(context.At("palpebrale_inferius"), -Math.PI / 2, 8), -Math.PI / 2),
        };
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var spread = count == 1 ? 0 : (double)k / (count - 1) - 0.5;
            var angle = context.UnevenAngle(heading + spread * context.Number("fan") * Math.PI / 180);
            var length = context.Uneven(context.Number("length")) * (1 - 0.9 * Math.Abs(spread));
            // The round end lies outside, the point looks back to the root.
            var far = context.Body.Go(root, angle, 3 + length);
            pen.Fill("drop", new SkinFrame(context.Body, far, angle + Math.PI).Drop(length, 0.55 * length));
        }

        pen.Say("Largest drop", context.Number("length"), "mm");
    }
}
