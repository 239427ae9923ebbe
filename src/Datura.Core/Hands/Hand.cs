namespace Datura.Core.Hands;

/// <summary>Tool, technique and water of one coat, and what follows from the three.</summary>
/// <param name="Film">Dry film against the usual of its paint.</param>
/// <param name="AreaRate">Area a minute against the tool's usual.</param>
/// <param name="LineRate">Length a second against the tool's usual.</param>
/// <param name="Load">How far one load goes against the tool's usual.</param>
/// <param name="Drying">Time until it may be worked over, against the usual.</param>
/// <param name="Width">Width of lines against the usual hand for this coat.</param>
/// <param name="SoftenMm">How much softer edges come out than with the usual hand for this coat; negative when crisper.</param>
/// <param name="Grain">How much skin shows between the grains of a thin coat, 0 to 1.</param>
/// <param name="Risks">What goes wrong with paint so wet or so dry.</param>
/// <param name="Usual">Whether nothing about it was chosen.</param>
public sealed record Hand(
    ToolDescription Tool,
    Technique Technique,
    Water Water,
    double Film,
    double AreaRate,
    double LineRate,
    double Load,
    double Drying,
    double Width,
    double SoftenMm,
    double Grain,
    IReadOnlyList<HandRisk> Risks,
    bool Usual)
{
    /// <summary>Id of the tool that was wanted and is not in the kit; null when it is.</summary>
    public string? StandsInFor { get; init; }

    /// <summary>No line or point comes out finer, mm.</summary>
    public double FinestMm { get; init; }

    /// <summary>Whether the paint comes from an edge that is there, so that nothing is loaded.</summary>
    public bool TakesNoPaint => Technique == Technique.PullOut;
}
