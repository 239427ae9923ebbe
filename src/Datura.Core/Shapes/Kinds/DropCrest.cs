namespace Datura.Core.Shapes.Kinds;

/// <summary>A crest of drops over the brows at set angles, tallest in the middle.</summary>
public sealed class DropCrest() : DrawnKind("dropCrest", "Crest of drops", Family.Ornament, [Zone.Forehead],
    [DropCoat, DotCoat], [Count, Length, Step, Grade, Above], sided: false)
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Drops a side", "Beside the middle one.", 1, 6, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Tallest", "In the middle.", 8, 60, Of(0.16, "faceHeight"));
    private static readonly NumberSpec Step = ParameterSpec.Angle("step", "Angle", "From one drop to the next.", 5, 40, 17);
    private static readonly NumberSpec Grade = ParameterSpec.Ratio("grade", "Grading", "Height of each to the one before it.", 0.6, 1, 0.84);
    private static readonly NumberSpec Above = ParameterSpec.Length("above", "Above the nose root", "Where the crest springs from.", 0, 40, 14);
    private static readonly CoatRole DropCoat = new("drop", "Drops", Stage.BodyColour, Tool.Round6, 1, 70);
    private static readonly CoatRole DotCoat = new("dot", "Dots", Stage.Highlight, Tool.Round1, 1, 95, Optional: true);

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var root = context.Body.Go(context.At(Landmark.Sellion), Math.PI / 2, context.Number(Above));
        var count = context.Count(Count);
        for (var k = -count; k <= count; k++)
        {
            var heading = context.UnevenAngle(Math.PI / 2 - k * context.Number(Step) * Math.PI / 180);
            var length = context.Number(Length) * Math.Pow(context.Number(Grade), Math.Abs(k));
            // Points look down to where the crest springs from; the round ends crown it.
            var far = context.Body.Go(root, heading, 4 + 1.2 * Math.Abs(k) + length);
            pen.Fill(DropCoat, new SkinFrame(context.Body, far, heading + Math.PI).Drop(length, 0.36 * length));
            pen.Dot(DotCoat, context.Body.Go(far, heading, 3.5), 2.2 * Math.Pow(context.Number(Grade), Math.Abs(k)));
        }

        pen.Say("Drops", 2 * count + 1, "");
        pen.Say("Tallest", context.Number(Length), "mm");
        pen.Say("Angle between", context.Number(Step), "°");
    }
}
