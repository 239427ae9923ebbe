namespace Datura.Core.Shapes.Kinds;

/// <summary>Rows of feathers over brow and temple, each row lapping the one behind it.</summary>
public sealed class FeatherRows() : DrawnKind("featherRows", "Feather rows", Family.Creature, [Zone.Temple, Zone.Forehead, Zone.Orbit],
    [FeatherCoat, LineCoat], [Rows, Count, Length, Width])
{
    private static readonly CountSpec Rows = ParameterSpec.Count("rows", "Rows", "From the brow outwards.", 1, 4, 2);
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Feathers a row", "Along the brow.", 3, 10, 6);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 8, 50, Of(0.13, "faceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of a feather.", 3, 16, 7);
    private static readonly CoatRole FeatherCoat = new("feather", "Feathers", Stage.BodyColour, Tool.Round6, 1, 25);
    private static readonly CoatRole LineCoat = Line("Shafts", Tool.Round1);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var brow = Curves.Through([context.At(Landmark.BrowInner) + new ChartPoint(4, 0), context.At(Landmark.BrowPeak), context.At(Landmark.BrowOuter),
            context.At(Landmark.Exocanthion) + new ChartPoint(12, -6)], closed: false);
        var (rows, count) = (context.Count(Rows), context.Count(Count));
        for (var row = rows - 1; row >= 0; row--)
        {
            for (var k = 0; k < count; k++)
            {
                var t = (k + 0.5 + 0.25 * (row % 2)) / (count + 0.3);
                var heading = context.UnevenAngle(1.45 - 1.25 * t);
                var start = context.Body.Go(Curves.At(brow, t), heading, 0.62 * row * context.Number(Length));
                var length = context.Uneven(context.Number(Length)) * (0.75 + 0.25 * Math.Sin(Math.PI * t));
                var frame = new SkinFrame(context.Body, start, heading);
                pen.Fill(FeatherCoat, frame.Petal(length, context.Number(Width)), 0.8);
                pen.Stroke(LineCoat, frame.Path((0.08 * length, 0), (0.5 * length, 0), (0.94 * length, 0)), Profile.ThickToThin(1));
            }
        }

        pen.Say("Longest", context.Number(Length), "mm");
        pen.Say("Feathers a side", rows * count, "");
    }
}
