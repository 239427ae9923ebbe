namespace Datura.Core.Shapes.Kinds;

/// <summary>Drops thrown over the skin one way: many small, few large, drawn out the way they flew (common practice).</summary>
public sealed class Splatter() : DrawnKind("splatter", "Splatter", Family.Flesh, [Zone.Cheekbone, Zone.CheekHollow, Zone.Forehead, Zone.Chin, Zone.NeckFront, Zone.NeckSide, Zone.Chest],
    [DropCoat], [From, Count, Largest, Reach, Towards, Spread])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Thrown from", "Where the drops come from.", 0, "cheekbone", "corner of the mouth", "brow", "throat");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Drops", "In all, a side.", 5, 90, 34);
    private static readonly NumberSpec Largest = ParameterSpec.Length("largest", "Largest", "Across.", 1.5, 14, 6, 0.5);
    private static readonly NumberSpec Reach = ParameterSpec.Length("reach", "Reach", "Of the farthest drop.", 15, 160, Of(0.5, "faceWidth"));
    private static readonly NumberSpec Towards = ParameterSpec.Angle("towards", "Towards", "0 outwards, 90 up, −90 down.", -180, 180, 25);
    private static readonly NumberSpec Spread = ParameterSpec.Angle("spread", "Spread", "Between the outermost drops.", 10, 360, 75);
    private static readonly CoatRole DropCoat = new("drop", "Drops", Stage.Finish, Tool.Round3, 1, 25);

    public override bool FollowsItsHost => true;

    // Below this a drop is a dot, whatever way it flew, mm (by judgement).
    private const double RoundBelowMm = 1.4;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var from = context.Host?.Middle ?? context.Word(From) switch
        {
            "corner of the mouth" => context.At(Landmark.Cheilion),
            "brow" => context.At(Landmark.BrowPeak),
            "throat" => context.At(Landmark.ThyroidNotch) + new ChartPoint(12, 0),
            _ => context.At(Landmark.Cheekbone),
        };
        var (towards, spread) = (context.Number(Towards) * Math.PI / 180, context.Number(Spread) * Math.PI / 180);
        var (largest, reach) = (context.Uneven(context.Number(Largest)), context.Number(Reach));
        for (var k = 0; k < context.Count(Count); k++)
        {
            var size = Math.Max(0.6, largest * Math.Pow(k + 1, -0.55) * (0.8 + 0.4 * context.Design.Unit()));
            var angle = towards + spread * 0.5 * context.Design.Either();
            // Small drops fly as far as large ones, but most fall near.
            var at = context.Body.Go(from, angle, reach * Math.Pow(context.Design.Unit(), 1.4));
            if (size < RoundBelowMm)
            {
                pen.Dot(DropCoat, at, size);
            }
            else
            {
                pen.Fill(DropCoat, new SkinFrame(context.Body, at, angle).Drop(size * (1.3 + 0.9 * context.Design.Unit()), size), 0.4);
            }
        }

        pen.Say("Largest", largest, "mm", "across");
        pen.Say("Reach", reach, "mm");
    }
}
