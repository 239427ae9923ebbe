namespace Datura.Core.Shapes.Kinds;

/// <summary>A cluster of drops that shrink outwards from the largest.</summary>
public sealed class Teardrops() : DrawnKind("teardrops", "Teardrop cluster", Family.Ornament, [Zone.Cheekbone, Zone.Orbit, Zone.Forehead, Zone.Chin],
    [DropCoat], [Under, Count, Length, Fan, Lean])
{
    private static readonly ChoiceSpec Under = ParameterSpec.Choice("under", "Hangs", "Where the cluster sits.", 0, "under the eye", "over the brow", "from the outer eye");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Drops", "An odd number looks best.", 1, 9, 5);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the largest.", 4, 35, Of(0.17, "lowerFaceHeight"));
    private static readonly NumberSpec Fan = ParameterSpec.Angle("fan", "Fan", "Angle between the outermost.", 0, 160, 100);
    private static readonly NumberSpec Lean = ParameterSpec.Angle("lean", "Lean", "Turns the whole cluster outwards; 45 sets it aslant.", -90, 90, 0);
    private static readonly CoatRole DropCoat = new("drop", "Drops", Stage.BodyColour, Tool.Round5, 1, 30);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, heading) = context.Word(Under) switch
        {
            "over the brow" => (context.Body.Go(context.At(Landmark.BrowPeak), Math.PI / 2, 5), Math.PI / 2),
            "from the outer eye" => (context.Body.Go(context.At(Landmark.Exocanthion), 0, 7), 0.0),
            _ => (context.Body.Go(context.At(Landmark.PalpebraleInferius), -Math.PI / 2, 8), -Math.PI / 2),
        };
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var spread = count == 1 ? 0 : (double)k / (count - 1) - 0.5;
            var angle = context.UnevenAngle(heading + (heading < 0 ? 1 : -1) * context.Number(Lean) * Math.PI / 180 + spread * context.Number(Fan) * Math.PI / 180);
            var length = context.Uneven(context.Number(Length)) * (1 - 0.9 * Math.Abs(spread));
            // The round end lies outside, the point looks back to the root.
            var far = context.Body.Go(root, angle, 3 + length);
            pen.Fill(DropCoat, new SkinFrame(context.Body, far, angle + Math.PI).Drop(length, 0.5 * length));
        }

        pen.Say("Largest drop", context.Number(Length), "mm");
    }
}
