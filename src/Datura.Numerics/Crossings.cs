namespace Datura.Numerics;

/// <summary>How often a closed line crosses itself.</summary>
public static class Crossings
{
    /// <summary>
    /// Pairs of pieces that cross, by a sweep from left to right: pieces that lie apart are never compared. Neighbours, which meet in
    /// their common point, do not count.
    /// </summary>
    /// <param name="points">x and y in turn, any unit; the last is joined to the first.</param>
    /// <param name="most">Counting stops there.</param>
    public static int Count(IReadOnlyList<double> points, int most = int.MaxValue)
    {
        var n = points.Count / 2;
        var pieces = Enumerable.Range(0, n).Select(k => new Piece(k, points[2 * k], points[2 * k + 1], points[2 * ((k + 1) % n)], points[2 * ((k + 1) % n) + 1]))
            .OrderBy(p => p.Left).ToArray();
        var count = 0;
        for (var a = 0; a < n && count < most; a++)
        {
            for (var b = a + 1; b < n && pieces[b].Left <= pieces[a].Right && count < most; b++)
            {
                var apart = Math.Abs(pieces[a].Place - pieces[b].Place);
                if (apart != 1 && apart != n - 1 && pieces[a].Crosses(pieces[b]))
                {
                    count++;
                }
            }
        }

        return count;
    }

    private readonly record struct Piece(int Place, double X1, double Y1, double X2, double Y2)
    {
        public double Left => Math.Min(X1, X2);

        public double Right => Math.Max(X1, X2);

        public bool Crosses(Piece o) =>
            Math.Max(Y1, Y2) >= Math.Min(o.Y1, o.Y2) && Math.Max(o.Y1, o.Y2) >= Math.Min(Y1, Y2)
            && Side(o.X1, o.Y1) * Side(o.X2, o.Y2) < 0 && o.Side(X1, Y1) * o.Side(X2, Y2) < 0;

        // Twice the area of the triangle with a point, by its sign on which side the point lies.
        private double Side(double x, double y) => (X2 - X1) * (y - Y1) - (Y2 - Y1) * (x - X1);
    }
}
