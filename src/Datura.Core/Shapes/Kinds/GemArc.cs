namespace Datura.Core.Shapes.Kinds;

/// <summary>Gems in an arc, large to small; they keep off lids and lash line (common practice).</summary>
public sealed class GemArc() : DrawnKind("gemArc", "Gem arc", Family.Ornament, ["temple", "cheekbone", "forehead"],
    [new("gem", "Gems or gel dots", Stage.Finish, Tool.Round3, 1, 92)],
    [
        ParameterSpec.Count("count", "Gems a side", "From the largest on.", 2, 14, 7),
        ParameterSpec.Length("size", "Largest", "Across.", 2, 12, 6, 0.5),
        ParameterSpec.Ratio("grade", "Grading", "Size of each to the one before it.", 0.6, 1, 0.85),
        ParameterSpec.Length("off", "Off the eye", "From the outer corner.", 8, 34, 13),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var arc = Curves.Through(
            [context.Body.Go(context.At("exocanthion"), 0.25, context.Uneven(context.Number("off"))), context.Body.Go(context.At("exocanthion"), -0.75, context.Number("off") + 4), context.Body.Go(context.At("palpebrale_inferius"), -1.2, context.Number("off") + 8)],
            closed: false);
        var size = context.Number("size");
        var along = 0.0;
        var total = context.Body.LineMm(arc);
        var count = 0;
        for (var k = 0; k < (int)Math.Round(context.Number("count")) && along <= total; k++)
        {
            pen.Dot("gem", Curves.At(arc, along / total), size);
            along += 0.5 * size + 1.2 + 0.5 * size * context.Number("grade");
            size *= context.Number("grade");
            count++;
        }

        pen.Say("Largest", context.Number("size"), "mm", "across");
        pen.Say("Gems a side", count, "");
    }
}
