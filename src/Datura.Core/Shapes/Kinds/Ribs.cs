namespace Datura.Core.Shapes.Kinds;

/// <summary>Breastbone and ribs on the chest, each rib a swelling band that leaves the bone and bends down.</summary>
public sealed class Ribs() : DrawnKind("ribs", "Breastbone and ribs", Family.Bone, [Zone.Sternum, Zone.Chest],
    [BoneCoat, LineCoat], [Count, Length, Width, Bend])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Ribs a side", "From the collar bone down.", 1, 6, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest rib.", 30, 160, Of(0.25, "shoulderWidth"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of a rib in its middle.", 4, 24, 11);
    private static readonly NumberSpec Bend = ParameterSpec.Length("bend", "Bend", "How far the outer end hangs.", 0, 60, 18);
    private static readonly CoatRole BoneCoat = new("bone", "Bone", Stage.BodyColour, Tool.FlatBrush, 1, 85);
    private static readonly CoatRole LineCoat = new("line", "Outlines", Stage.Line, Tool.Round3, 1, 12, Optional: true, GoesRound: true);

    public override Companion? UsuallyWith { get; } = new([], ["collarBones"], Landmark.Suprasternale, CautionCode.RibsWithoutCollarBones);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var notch = context.At(Landmark.Suprasternale);
        var width = context.Number(Width);
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var root = new ChartPoint(9, notch.YMm - 30 - k * (width + 11));
            var frame = new SkinFrame(body, root, 0);
            var length = context.Uneven(context.Number(Length)) * (0.75 + 0.25 * (k + 1) / count);
            var spine = frame.Curve((0, 0), (0.35 * length, 0.12 * context.Number(Bend)), (0.7 * length, -0.25 * context.Number(Bend)), (length, -context.Number(Bend)));
            var rib = Curves.Band(spine, t => width / 2 * Math.Sin(Math.PI * (0.18 + 0.74 * t)));
            pen.Fill(BoneCoat, rib, 2);
            pen.Stroke(LineCoat, [.. spine.Select(p => p - new ChartPoint(0, width / 2))], Profile.Swelling(1.6));
        }

        pen.Say("Longest rib", context.Number(Length), "mm");
        pen.Fill(BoneCoat, new SkinFrame(body, new(4, notch.YMm - 40), -Math.PI / 2).Ellipse(28 + count * (width + 11), 12), 2);
    }
}
