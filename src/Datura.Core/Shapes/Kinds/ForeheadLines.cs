using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Wavy folds across the forehead, as raised brows make them.</summary>
public sealed class ForeheadLines() : DrawnKind("foreheadLines", "Forehead lines", Family.Flesh, ["forehead"],
    [Line("Folds"), new("light", "Light side", Stage.Highlight, Tool.Round3, 1, 90, Optional: true)],
    [
        ParameterSpec.Count("count", "Lines", "One above the other.", 1, 6, 3),
        ParameterSpec.Length("length", "Length", "Of the longest.", 30, 140, Of(0.55, "faceWidth")),
        ParameterSpec.Length("wave", "Wave", "Height of the waves.", 0, 8, 3, 0.5),
        ParameterSpec.Length("width", "Width", "Of a line in its middle.", 0.6, 5, 1.8, 0.2),
    ], sided: false)
{
    public override bool IsFold => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (low, high) = (context.At("glabella").YMm + 9, context.At("trichion").YMm - 7);
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var frame = new SkinFrame(context.Body, new ChartPoint(0, low + (high - low) * (k + 0.5) / count), 0);
            var half = context.Uneven(context.Number("length")) * (1 - 0.12 * Math.Abs(k - (count - 1) / 2.0)) / 2;
            var wave = context.Number("wave");
            var path = frame.Curve((-half, -wave), (-0.55 * half, 0.6 * wave), (-0.1 * half, -0.4 * wave), (0.4 * half, 0.7 * wave), (half, -wave * 0.8));
            pen.Stroke("line", path, Profile.Swelling(context.Number("width")));
            pen.Stroke("light", [.. path.Select(p => p - new ChartPoint(0, 1.6))], Profile.Swelling(0.6 * context.Number("width")));
        }

        pen.Say("Longest", context.Number("length"), "mm");
    }
}
