namespace Datura.Core.Shapes.Kinds;

/// <summary>A shade set in the corner of the mouth, that lifts or drops it, and one under the lower lip (common practice).</summary>
public sealed class MouthCorner() : DrawnKind("mouthCorner", "Mouth corner shade", Family.Flesh, [Zone.CheekHollow, Zone.Chin, Zone.UpperLip],
    [ShadeCoat], [Length, Turn, Width, Under])
{
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "From the corner outwards.", 4, 45, 16);
    private static readonly NumberSpec Turn = ParameterSpec.Angle("turn", "Turn", "Up; less than 0 drops the corner.", -80, 80, -38);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At the corner.", 2, 20, 7);
    private static readonly NumberSpec Under = ParameterSpec.Length("under", "Under the lower lip", "Height of the shade there; 0 for none.", 0, 16, 6);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.Filbert, 1, 26);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var heading = context.UnevenAngle(context.Number(Turn) * Math.PI / 180);
        var (length, width) = (context.Uneven(context.Number(Length)), context.Number(Width));
        var frame = new SkinFrame(context.Body, context.At(Landmark.Cheilion) + new ChartPoint(2, 0), heading);
        pen.Say("Length", length, "mm", "from the corner of the mouth");
        pen.Fill(ShadeCoat, frame.Outline((0, 0.45 * width), (0.4 * length, 0.34 * width), (length, 0), (0.4 * length, -0.3 * width), (0, -0.45 * width), (-0.2 * width, 0)), 0.5 * width);
        if (context.Number(Under) is > 0 and var under)
        {
            var lip = context.At(Landmark.LabialeInferius);
            pen.Fill(ShadeCoat, Curves.Through([new(0, lip.YMm - 2), new(10, lip.YMm - 3), new(17, lip.YMm - 1), new(11, lip.YMm - 3 - 0.7 * under), new(0, lip.YMm - 3 - under)], closed: true), 0.5 * under);
        }
    }
}
