namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// A neck gone to bone: waisted blocks with a short wing each side and dark between them, both sides of the neck darkened so that it
/// is thin, two tendons from behind the ear to the notch (common practice).
/// </summary>
public sealed class NeckVertebrae() : DrawnKind("neckVertebrae", "Neck vertebrae", Family.Bone, [Zone.NeckFront],
    [SideCoat, BoneCoat, LineCoat, TendonCoat], [Count, Width, Grow, LineSetting, Sides], sided: false)
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Vertebrae", "How many between chin and chest.", 3, 9, 5);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of the lowest one, wings and all.", 14, 70, Of(0.085, "neckGirth"));
    private static readonly NumberSpec Grow = ParameterSpec.Ratio("grow", "Growth", "Width of the highest to the lowest.", 0.4, 1, 0.8);
    private static readonly NumberSpec LineSetting = ParameterSpec.Length("line", "Line width", "Of the outlines.", 0.5, 3, 1.2, 0.1);
    private static readonly NumberSpec Sides = ParameterSpec.Length("sides", "Darkened sides", "Width of the dark at each side; 0 for none.", 0, 60, 26);
    private static readonly CoatRole SideCoat = new("side", "Darkened sides", Stage.Depth, Tool.SoftBrush, 1, 22);
    private static readonly CoatRole BoneCoat = new("bone", "Bone", Stage.BodyColour, Tool.Filbert, 1, 85);
    private static readonly CoatRole LineCoat = new("line", "Outlines", Stage.Line, Tool.Round3, 1, 12, GoesRound: true);
    private static readonly CoatRole TendonCoat = new("tendon", "Tendons", Stage.Highlight, Tool.Filbert, 1, 80, Optional: true);

    // Of the room from one to the next, what stays dark between them (common practice: 3 to 4 mm of 14).
    private const double BetweenShare = 0.26;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (top, bottom) = (context.At(Landmark.Submentale).YMm - 18, context.At(Landmark.Suprasternale).YMm + 5);
        var count = context.Count(Count);
        var pitch = (top - bottom) / count;
        var dark = context.Number(Sides);
        if (dark > 0)
        {
            foreach (var side in new[] { 1, -1 })
            {
                // From under the ear down to the collar, darkest at its middle.
                List<ChartPoint> run = [new(side * (26 + 0.5 * dark), top + 4), new(side * (22 + 0.5 * dark), 0.5 * (top + bottom)), new(side * (15 + 0.5 * dark), bottom + 4)];
                pen.Fill(SideCoat, Curves.Band(Curves.Through(run, closed: false), t => dark / 2 * (0.75 + 0.25 * Math.Sin(Math.PI * t))), 0.7 * dark);
                pen.Stroke(TendonCoat, Curves.Through([new(side * 78, top + 20), new(side * 48, 0.5 * (top + bottom) + 10), new(side * 10, bottom + 2)], closed: false), Profile.ThickToThin(2.6));
            }
        }

        for (var k = 0; k < count; k++)
        {
            var middle = new ChartPoint(0, top - (k + 0.5) * pitch);
            var frame = new SkinFrame(context.Body, middle, 0);
            var share = count == 1 ? 1 : context.Number(Grow) + (1 - context.Number(Grow)) * k / (count - 1);
            var w = context.Uneven(context.Number(Width)) * share / 2;
            var h = pitch * (1 - BetweenShare) / 2;
            // A waisted block: upper and lower rim stand out, the sides draw in, a blunt wing leaves each side.
            (double, double)[] half = [(0.52 * w, h), (0.62 * w, 0.72 * h), (0.5 * w, 0.4 * h), (0.72 * w, 0.26 * h), (w, 0.3 * h), (0.98 * w, -0.12 * h), (0.7 * w, -0.16 * h), (0.5 * w, -0.4 * h), (0.66 * w, -0.74 * h), (0.56 * w, -h)];
            var outline = frame.Outline([(0, 0.86 * h), .. half, (0, -0.86 * h), .. half.Reverse().Select(p => (-p.Item1, p.Item2))]);
            pen.Fill(BoneCoat, outline, 1);
            pen.Stroke(LineCoat, [.. outline, outline[0]], Profile.Even(context.Number(LineSetting)));
        }

        pen.Say("Pitch", context.Body.LineMm([new(0, top), new(0, top - pitch)]), "mm", "from one to the next");
    }
}
