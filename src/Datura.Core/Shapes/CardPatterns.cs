namespace Datura.Core.Shapes;

/// <summary>What a card can be cut with: outlines on a card whose longer side is 1, origin in its middle, y up.</summary>
public static class CardPatterns
{
    public const string Own = "your own drawing";

    private const string Scales = "scales", Flames = "flames", Cracks = "cracks", Web = "web", Muzzle = "muzzle";

    /// <summary>The names, the painter's own last.</summary>
    public static string[] All { get; } = [Scales, Flames, Cracks, Web, Muzzle, Own];

    /// <returns>The openings of a pattern; none for one of the painter's own.</returns>
    public static IReadOnlyList<IReadOnlyList<ChartPoint>> Of(string pattern, SeededRandom random) => pattern switch
    {
        Scales => [.. Rows()],
        Flames => [.. Enumerable.Range(0, 5).Select(k => Tongue(-0.38 + 0.19 * k, k % 2 == 0 ? 0.62 + 0.16 * random.Unit() : 0.44, 0.14))],
        Cracks => [.. Enumerable.Range(0, 4).Select(k => Crack(-1.2 + 1.15 * k + 0.25 * random.Either(), random))],
        Web => [.. Threads()],
        Muzzle => [.. Whiskers()],
        _ => [],
    };

    private static List<ChartPoint> Closed(params (double X, double Y)[] points) => Curves.Through([.. points.Select(p => new ChartPoint(p.X, p.Y))], closed: true);

    // Staggered rows, smaller to the ends so that the edge of the card is not seen.
    private static IEnumerable<List<ChartPoint>> Rows()
    {
        for (var row = -2; row <= 2; row++)
        {
            for (var k = -3; k <= 3; k++)
            {
                var at = new ChartPoint(0.145 * (k + (row % 2 == 0 ? 0 : 0.5)), 0.125 * row);
                var size = 0.115 * (1 - 1.3 * Math.Pow(at.Length(), 2));
                if (Math.Abs(at.XMm) < 0.46 && size > 0.05)
                {
                    yield return Closed((at.XMm - 0.5 * size, at.YMm + 0.3 * size), (at.XMm, at.YMm + 0.45 * size), (at.XMm + 0.5 * size, at.YMm + 0.3 * size), (at.XMm + 0.34 * size, at.YMm - 0.2 * size),
                        (at.XMm, at.YMm - 0.5 * size), (at.XMm - 0.34 * size, at.YMm - 0.2 * size));
                }
            }
        }
    }

    // An S with a broad foot.
    private static List<ChartPoint> Tongue(double x, double tall, double wide) => Closed(
        (x - 0.42 * wide, -0.36), (x - 0.5 * wide, -0.36 + 0.25 * tall), (x - 0.1 * wide, -0.36 + 0.6 * tall), (x - 0.25 * wide, -0.36 + 0.85 * tall), (x + 0.1 * wide, -0.36 + tall),
        (x + 0.05 * wide, -0.36 + 0.78 * tall), (x + 0.4 * wide, -0.36 + 0.5 * tall), (x + 0.35 * wide, -0.36 + 0.2 * tall), (x + 0.4 * wide, -0.36));

    private static List<ChartPoint> Crack(double heading, SeededRandom random)
    {
        var (upper, lower) = (new List<ChartPoint>(), new List<ChartPoint>());
        for (var k = 0; k <= 6; k++)
        {
            var (along, aside) = (0.1 + 0.068 * k, 0.03 * (k % 2 == 0 ? 1 : -1) * (0.5 + random.Unit()) * (k > 0 && k < 6 ? 1 : 0));
            var half = 0.02 * (1 - k / 6.0) + 0.003;
            var (sin, cos) = Math.SinCos(heading);
            ChartPoint At(double off) => new(along * cos - (aside + off) * sin, along * sin + (aside + off) * cos);
            upper.Add(At(half));
            lower.Add(At(-half));
        }

        return [.. upper, .. lower.AsEnumerable().Reverse()];
    }

    // Slits between spokes of card, wider outwards; the spokes are the bridges.
    private static IEnumerable<List<ChartPoint>> Threads()
    {
        for (var spoke = 0; spoke < 6; spoke++)
        {
            for (var ring = 0; ring < 3; ring++)
            {
                var radius = 0.17 * Math.Pow(1.5, ring);
                var (from, to) = (spoke * Math.PI / 3 + 0.05 / radius, (spoke + 1) * Math.PI / 3 - 0.05 / radius);
                // A hanging thread: nearer to the middle between the spokes.
                ChartPoint At(double share, double off)
                {
                    var angle = from + share * (to - from);
                    var r = radius * (1 - 0.5 * share * (1 - share)) + off;
                    return new(r * Math.Cos(angle), r * Math.Sin(angle));
                }

                yield return [.. Enumerable.Range(0, 9).Select(k => At(k / 8.0, 0.012)), .. Enumerable.Range(0, 9).Select(k => At(1 - k / 8.0, -0.012))];
            }
        }
    }

    // Three curved rows of dots, each with the whisker drawn from its last one.
    private static IEnumerable<List<ChartPoint>> Whiskers()
    {
        for (var row = 0; row < 3; row++)
        {
            for (var k = 0; k < 4; k++)
            {
                var at = new ChartPoint(-0.4 + 0.12 * k, 0.18 - 0.17 * row + 0.012 * k * k * (1 - row));
                yield return Closed((at.XMm - 0.024, at.YMm), (at.XMm, at.YMm + 0.024), (at.XMm + 0.024, at.YMm), (at.XMm, at.YMm - 0.024));
            }

            var (x, y) = (0.04, 0.18 - 0.17 * row + 0.192 * (1 - row) * 0.5);
            var tip = y + 0.12 * (1 - row) - 0.05;
            yield return [new(x, y + 0.014), new(0.28, 0.5 * (y + tip) + 0.022), new(0.48, tip), new(0.28, 0.5 * (y + tip) + 0.002), new(x, y - 0.014)];
        }
    }
}
