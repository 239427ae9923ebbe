namespace Datura.Core.Paint;

/// <summary>A split load ready to lay: the paint at even steps along its way.</summary>
public sealed record SplitPaint(SplitLoad Load, IReadOnlyList<PaintOptics> Steps)
{
    /// <summary>Enough that no step is seen (measured: under 1 ΔE00 between neighbours on the demo kit, but for black into white).</summary>
    public const int StepCount = 32;

    public static SplitPaint Of(SplitLoad load, PaintMix colours, Kit kit) =>
        new(load, [.. Enumerable.Range(0, StepCount).Select(k => PaintOptics.Of(load.At(colours, k / (StepCount - 1.0)), kit))]);
}
