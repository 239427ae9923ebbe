namespace Datura.Core.Shapes.Kinds;

/// <summary>Gems in an arc, large to small; they keep off lids and lash line (common practice).</summary>
public sealed class GemArc() : DrawnKind("gemArc", "Gem arc", Family.Ornament, [Zone.Temple, Zone.Cheekbone, Zone.Forehead],
    [GemCoat], [Count, Size, Grade, Off])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Gems a side", "From the largest on.", 2, 14, 7);
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Largest", "Across.", 2, 12, 6, 0.5);
    private static readonly NumberSpec Grade = ParameterSpec.Ratio("grade", "Grading", "Size of each to the one before it.", 0.6, 1, 0.85);
    private static readonly NumberSpec Off = ParameterSpec.Length("off", "Off the eye", "From the outer corner.", 8, 34, 13);
    private static readonly CoatRole GemCoat = new("gem", "Gems or gel dots", Stage.Finish, Tool.Round3, 1, 92);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var arc = Curves.Through(
            [context.Body.Go(context.At(Landmark.Exocanthion), 0.25, context.Uneven(context.Number(Off))), context.Body.Go(context.At(Landmark.Exocanthion), -0.75, context.Number(Off) + 4),
                context.Body.Go(context.At(Landmark.PalpebraleInferius), -1.2, context.Number(Off) + 8)],
            closed: false);
        var size = context.Number(Size);
        var along = 0.0;
        var total = context.Body.LineMm(arc);
        var count = 0;
        for (var k = 0; k < context.Count(Count) && along <= total; k++)
        {
            pen.Dot(GemCoat, Curves.At(arc, along / total), size);
            along += 0.5 * size + 1.2 + 0.5 * size * context.Number(Grade);
            size *= context.Number(Grade);
            count++;
        }

        pen.Say("Largest", context.Number(Size), "mm", "across");
        pen.Say("Gems a side", count, "");
    }
}
