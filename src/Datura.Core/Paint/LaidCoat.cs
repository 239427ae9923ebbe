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

    /// <summary>How uneven its film is.</summary>
    public Unevenness.CoatGrain Grain { get; init; } = Unevenness.CoatGrain.None;

    public SplitPaint? Split { get; init; }
}
