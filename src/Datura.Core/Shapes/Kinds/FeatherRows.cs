namespace Datura.Core.Shapes.Kinds;

/// <summary>Rows of feathers over brow and temple, each row lapping the one behind it.</summary>
public sealed class FeatherRows() : DrawnKind("featherRows", "Feather rows", Family.Creature, ["temple", "forehead", "orbit"],
    [new("feather", "Feathers", Stage.BodyColour, Tool.Round6, 1, 25), Line("Shafts", Tool.Round1)],
    [
        ParameterSpec.Count("rows", "Rows", "From the brow outwards.", 1, 4, 2),
        ParameterSpec.Count("count", "Feathers a row", "Along the brow.", 3, 10, 6),
        ParameterSpec.Length("length", "Length", "Of the longest.", 8, 50, Of(0.13, "faceHeight")),
        ParameterSpec.Length("width", "Width", "Of a feather.", 3, 16, 7),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var brow = Curves.Through([context.At("brow_inner") + new Body.ChartPoint(4, 0), context.At("brow_peak"), context.At("brow_outer"), context.At("exocanthion") + new Body.ChartPoint(12, -6)], closed: false);
        var (rows, count) = ((int)Math.Round(context.Number("rows")), (int)Math.Round(context.Number("count")));
        for (var row = rows - 1; row >= 0; row--)
        {
            for (var k = 0; k < count; k++)
            {
                var t = (k + 0.5 + 0.25 * (row % 2)) / (count + 0.3);
                var heading = context.UnevenAngle(1.45 - 1.25 * t);
                var start = context.Body.Go(Curves.At(brow, t), heading, 0.62 * row * context.Number("length"));
                var length = context.Uneven(context.Number("length")) * (0.75 + 0.25 * Math.Sin(Math.PI * t));
                var frame = new SkinFrame(context.Body, start, heading);
                pen.Fill("feather", frame.Petal(length, context.Number("width")), 0.8);
                pen.Stroke("line", frame.Path((0.08 * length, 0), (0.5 * length, 0), (0.94 * length, 0)), Profile.ThickToThin(1));
            }
        }

        pen.Say("Longest", context.Number("length"), "mm");
        pen.Say("Feathers a side", rows * count, "");
    }
}
