namespace Datura.Core.Shapes.Kinds;

/// <summary>Wavy folds across the forehead, as raised brows make them.</summary>
public sealed class ForeheadLines() : DrawnKind("foreheadLines", "Forehead lines", Family.Flesh, [Zone.Forehead],
    [LineCoat, LightCoat], [Count, Length, Wave, Width], sided: false)
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Lines", "One above the other.", 1, 6, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 30, 140, Of(0.55, "faceWidth"));
    private static readonly NumberSpec Wave = ParameterSpec.Length("wave", "Wave", "Height of the waves.", 0, 8, 3, 0.5);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of a line in its middle.", 0.6, 5, 1.8, 0.2);
    private static readonly CoatRole LineCoat = Line("Folds");
    private static readonly CoatRole LightCoat = new("light", "Light side", Stage.Highlight, Tool.Round3, 1, 90, Optional: true);

    public override bool IsFold => true;

    public override RemarkCode? Cue => RemarkCode.CueRaiseBrows;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (low, high) = (context.At(Landmark.Glabella).YMm + 9, context.At(Landmark.Trichion).YMm - 7);
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var frame = new SkinFrame(context.Body, new ChartPoint(0, low + (high - low) * (k + 0.5) / count), 0);
            var half = context.Uneven(context.Number(Length)) * (1 - 0.12 * Math.Abs(k - (count - 1) / 2.0)) / 2;
            var wave = context.Number(Wave);
            var path = frame.Curve((-half, -wave), (-0.55 * half, 0.6 * wave), (-0.1 * half, -0.4 * wave), (0.4 * half, 0.7 * wave), (half, -wave * 0.8));
            pen.Stroke(LineCoat, path, Profile.Swelling(context.Number(Width)));
            pen.Stroke(LightCoat, [.. path.Select(p => p - new ChartPoint(0, 1.6))], Profile.Swelling(0.6 * context.Number(Width)));
        }

        pen.Say("Longest", context.Number(Length), "mm");
    }
}
