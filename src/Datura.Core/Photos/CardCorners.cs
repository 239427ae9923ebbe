namespace Datura.Core.Photos;

/// <summary>Corners of a card put in order: round the way a clock goes in the picture, a long side first.</summary>
internal static class CardCorners
{
    public static (double X, double Y)[] Of(HeldThing thing)
    {
        var c = Enumerable.Range(0, thing.Corners.Count / 2).Select(k => (X: thing.Corners[2 * k], Y: thing.Corners[2 * k + 1])).ToArray();
        if (c.Length != 4)
        {
            return c;
        }

        // Pointed at in any order, they go round their middle.
        var (x, y) = (c.Average(p => p.X), c.Average(p => p.Y));
        var round = c.OrderBy(p => Math.Atan2(p.Y - y, p.X - x)).ToArray();
        double Side(int k) => Math.Sqrt(Math.Pow(round[k].X - round[(k + 1) % 4].X, 2) + Math.Pow(round[k].Y - round[(k + 1) % 4].Y, 2));
        return Side(0) + Side(2) >= Side(1) + Side(3) ? round : [round[1], round[2], round[3], round[0]];
    }
}
