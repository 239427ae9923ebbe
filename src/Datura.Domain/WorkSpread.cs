namespace Datura.Domain;

/// <summary>How far times are off, as shares of themselves.</summary>
/// <param name="Work">Of strokes, from one time to the next.</param>
/// <param name="SetUp">Of moving about.</param>
/// <param name="Day">Of everything together: a good or a bad day.</param>
public readonly record struct WorkSpread(double Work, double SetUp, double Day)
{
    /// <summary>Brush work differs by a quarter from one time to the next, moving about by a third, days by a twelfth (from memory, unverified).</summary>
    public static WorkSpread Usual { get; } = new(0.25, 0.35, 0.08);
}
