namespace Datura.Core.Shapes.Kinds;

/// <summary>Tapering stripes that run in from the side of the face.</summary>
public sealed class Stripes() : DrawnKind("stripes", "Stripes", Family.Creature, [Zone.CheekHollow, Zone.Cheekbone, Zone.Temple, Zone.Jaw],
    [LineCoat], [Count, Length, Width, Bend])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Stripes a side", "From temple to jaw.", 2, 9, 5);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 12, 90, Of(0.3, "faceWidth"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At the widest.", 2, 14, 6);
    private static readonly NumberSpec Bend = ParameterSpec.Length("bend", "Bend", "How far they curve.", -12, 16, 5);
    private static readonly CoatRole LineCoat = Line("Stripes", Tool.Round5);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (top, bottom) = (context.At(Landmark.Frontotemporale), context.At(Landmark.Gonion));
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var t = (k + 0.5) / count;
            var ear = context.At(Landmark.Tragion);
            var start = (1 - t) * (1 - t) * top + 2 * t * (1 - t) * (ear + new ChartPoint(-6, 8)) + t * t * bottom;
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(Math.PI + 0.5 * (t - 0.4)));
            var length = context.Uneven(context.Number(Length)) * (k % 2 == 0 ? 1 : 0.65);
            var spine = frame.Curve((0, 0), (0.5 * length, context.Number(Bend)), (length, 0.3 * context.Number(Bend)));
            pen.Stroke(LineCoat, spine, s => context.Number(Width) * Math.Sin(Math.PI * Math.Clamp(0.22 + 0.76 * s, 0, 0.99)));
        }

        pen.Say("Longest", context.Number(Length), "mm");
        pen.Say("Stripes a side", count, "");
    }
}
