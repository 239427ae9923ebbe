namespace Datura.Core.Paint;

/// <summary>One paint, mix or split load laid over the marks of one coat.</summary>
/// <param name="Paint">Its one paint; of a split load, that of its middle.</param>
public sealed record LaidCoat(IReadOnlyList<Mark> Marks, PaintOptics Paint, double ThicknessUm)
{
    public Finish Finish { get; init; }

    /// <summary>Whether a wet brush can take some of it along later.</summary>
    public bool LiftedByWater { get; init; }

    /// <summary>Share of a water-based film below that it takes along, 0 to 1.</summary>
    public double Lifts { get; init; }

    /// <summary>Laid while the film below is wet.</summary>
    public bool IntoWet { get; init; }

    public SplitPaint? Split { get; init; }
}

/// <summary>A split load ready to lay: the paint at even steps along its way.</summary>
public sealed record SplitPaint(SplitLoad Load, IReadOnlyList<PaintOptics> Steps)
{
    /// <summary>Enough that no step is seen (measured: under 1 ΔE00 between neighbours on the demo kit, but for black into white).</summary>
    public const int StepCount = 32;

    public static SplitPaint Of(SplitLoad load, PaintMix colours, Kit kit) =>
        new(load, [.. Enumerable.Range(0, StepCount).Select(k => PaintOptics.Of(load.At(colours, k / (StepCount - 1.0)), kit))]);
}
