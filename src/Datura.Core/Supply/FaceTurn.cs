namespace Datura.Core.Supply;

/// <summary>One face of an evening.</summary>
/// <param name="Line">Its place in the case.</param>
/// <param name="FromMinutes">From the first stroke of the evening.</param>
/// <param name="ToMinutes">Last stroke.</param>
public sealed record FaceTurn(int Line, double FromMinutes, double ToMinutes)
{
    /// <summary>The faces of an evening one after the other, the looks mixed as evenly as they go.</summary>
    public static IReadOnlyList<FaceTurn> Of(IReadOnlyList<(int Faces, FaceSupply Each)> lines, double betweenMinutes)
    {
        var (total, at) = (lines.Sum(l => l.Faces), 0.0);
        var done = new int[lines.Count];
        var turns = new List<FaceTurn>(total);
        for (var k = 1; k <= total; k++)
        {
            // Whichever look lags most behind its share is next.
            var next = Enumerable.Range(0, lines.Count).Where(l => done[l] < lines[l].Faces).MaxBy(l => (double)lines[l].Faces * k / total - done[l]);
            done[next]++;
            turns.Add(new(next, at, at + lines[next].Each.Minutes));
            at += lines[next].Each.Minutes + betweenMinutes;
        }

        return turns;
    }
}
