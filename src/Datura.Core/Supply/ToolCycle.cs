namespace Datura.Core.Supply;

/// <summary>How many of one brush are needed so that a clean one is there for every face.</summary>
/// <param name="Needed">As many.</param>
/// <param name="Turns">Which one goes to which face, in the order of the evening.</param>
public sealed record ToolCycle(string Tool, string Name, int Needed, IReadOnlyList<ToolTurn> Turns)
{
    /// <summary>
    /// Every use takes the first brush that is clean by then, or one more. As many as are ever in use or drying at once: no fewer will do
    /// (interval partitioning; Kleinberg and Tardos, Algorithm Design, 4.1).
    /// </summary>
    /// <param name="uses">Face, start and when it is clean again (null for not on this evening), by start.</param>
    public static ToolCycle Of(string tool, string name, IEnumerable<(int Face, double From, double? Ready)> uses)
    {
        var ready = new List<double>();
        var turns = new List<ToolTurn>();
        foreach (var use in uses)
        {
            var piece = ready.FindIndex(r => r <= use.From);
            if (piece < 0)
            {
                piece = ready.Count;
                ready.Add(0);
            }

            ready[piece] = use.Ready ?? double.PositiveInfinity;
            turns.Add(new(use.Face, piece + 1, use.From, use.Ready));
        }

        return new(tool, name, ready.Count, turns);
    }
}
