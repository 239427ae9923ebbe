namespace Datura.Core.Shapes.Kinds;

/// <summary>Vertebrae painted down the front of the neck, growing towards the chest.</summary>
public sealed class NeckVertebrae() : DrawnKind("neckVertebrae", "Neck vertebrae", Family.Bone, [Zone.NeckFront],
    [BoneCoat, LineCoat], [Count, Width, Grow, LineSetting], sided: false)
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Vertebrae", "How many between chin and chest.", 3, 9, 5);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of the lowest one.", 14, 70, Of(0.1, "neckGirth"));
    private static readonly NumberSpec Grow = ParameterSpec.Ratio("grow", "Growth", "Width of the highest to the lowest.", 0.4, 1, 0.7);
    private static readonly NumberSpec LineSetting = ParameterSpec.Length("line", "Line width", "Of the outlines.", 0.5, 3, 1.4, 0.1);
    private static readonly CoatRole BoneCoat = new("bone", "Bone", Stage.BodyColour, Tool.Filbert, 1, 85);
    private static readonly CoatRole LineCoat = new("line", "Outlines", Stage.Line, Tool.Round3, 1, 12, GoesRound: true);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (top, bottom) = (context.At(Landmark.Submentale).YMm - 22, context.At(Landmark.Suprasternale).YMm + 4);
        var count = context.Count(Count);
        var pitch = (top - bottom) / count;
        for (var k = 0; k < count; k++)
        {
            var frame = new SkinFrame(context.Body, new ChartPoint(0, top - (k + 0.5) * pitch), 0);
            var share = count == 1 ? 1 : context.Number(Grow) + (1 - context.Number(Grow)) * k / (count - 1);
            var w = context.Uneven(context.Number(Width)) * share / 2;
            var h = pitch * 0.4;
            var outline = frame.Outline((w, 0.5 * h), (0.55 * w, 0.75 * h), (0, h), (-0.55 * w, 0.75 * h), (-w, 0.5 * h), (-0.8 * w, -0.4 * h), (-0.3 * w, -0.7 * h), (0, -0.9 * h),
                (0.3 * w, -0.7 * h), (0.8 * w, -0.4 * h));
            pen.Fill(BoneCoat, outline, 1.5);
            pen.Stroke(LineCoat, [.. outline, outline[0]], Profile.Even(context.Number(LineSetting)));
        }

        pen.Say("Pitch", context.Body.LineMm([new(0, top), new(0, top - pitch)]), "mm", "from one to the next");
    }
}
