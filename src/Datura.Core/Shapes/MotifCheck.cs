namespace Datura.Core.Shapes;

/// <summary>Whether a painter's own drawing can be laid on skin.</summary>
public static class MotifCheck
{
    // Coordinates reach half a card out; a figure may bulge a little beyond it.
    private const double Farthest = 0.75;

    // Every crossing cuts a filled figure into more pieces; drawings have a few, a scribble has millions.
    private const int MostCrossings = 2000;

    /// <returns>What is wrong with it, or null.</returns>
    public static Problem? Of(Motif motif, string field, params (string Name, object Value)[] said)
    {
        Problem Of(ProblemCode code, params (string Name, object Value)[] values) => Problem.Of(field, code, [.. said, .. values]);
        return motif.Shapes.Count is 0 or > Motif.MostShapes ? Of(ProblemCode.MotifFigures, ("most", Motif.MostShapes), ("count", motif.Shapes.Count))
            : motif.Shapes.Sum(s => s.Points.Count) > 2 * Motif.MostPoints ? Of(ProblemCode.MotifPoints, ("most", Motif.MostPoints))
            : motif.Shapes.Any(s => s.Points.Count < 4 || s.Points.Count % 2 == 1 || s.Points.Any(x => !(Math.Abs(x) <= Farthest)) || !(s.Width is >= 0 and <= 1)) ? Of(ProblemCode.MotifBroken)
            : motif.Shapes.Where(s => s.Filled).Sum(s => Crossings.Count(s.Points, MostCrossings + 1)) > MostCrossings ? Of(ProblemCode.MotifCrossings, ("most", MostCrossings))
            : null;
    }
}
