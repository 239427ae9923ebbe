namespace Datura.Core.Shapes.Transfer;

/// <summary>A line that has to be found on the skin before paint: an outline of a part, or a long stroke.</summary>
/// <param name="Envelope">Whether it goes round many small marks instead of being one of them.</param>
/// <param name="Line">On the chart; a closed outline does not repeat its first point.</param>
public sealed record Figure(string PartId, string Label, Side Side, bool Closed, IReadOnlyList<ChartPoint> Line, bool Envelope = false)
{
    /// <summary>An envelope only bounds a row or cluster; half as much again may be off.</summary>
    public double ToleranceFactor => Envelope ? 1.5 : 1;
}
