using Datura.Core.Body;

namespace Datura.Core.Tests.Body;

/// <summary>The tape against a second method, and the laws of a distance.</summary>
public class TapeTests
{
    private const int Reach = 6;
    private const double FarthestMm = 75;

    private static readonly FittedBody[] Bodies = [.. new[] { "man", "woman", "child9", "child5" }.Select(id => FittedBody.For(MeasurePresets.All.First(p => p.Id == id).MeasuresMm))];

    private static readonly (int Columns, int Rows)[] Ways = [.. from c in Enumerable.Range(-Reach, 2 * Reach + 1) from r in Enumerable.Range(-Reach, 2 * Reach + 1) where Gcd(Math.Abs(c),
        Math.Abs(r)) == 1 select (c, r)];

    // Dijkstra 1959 over the whole grid of 1 mm with 96 ways on from each node, measured along the skin at thirds of a millimetre. It can only
    // be too long, and by no more than half of the widest angle between two ways says (0.5 %).
    [Fact]
    public void TheTapeIsTheShortestWayOfAnIndependentMethod() => Assert.Equal((336, 0), Against(new(3), perStart: 42));

    /// <summary>How many tapes were laid, and how many are longer than the other method's by more than 0.3 mm or 0.5 %, or shorter than it can err.</summary>
    internal static (int Pairs, int Beyond) Against(Random random, int perStart)
    {
        var (pairs, beyond) = (0, 0);
        foreach (var body in Bodies)
        {
            var skin = body.Skin;
            foreach (var near in new[] { Landmark.LabialeInferius, Landmark.Cheekbone.Left })
            {
                var start = Landmarks.At(near);
                var (row, column) = ((int)Math.Round(start.HeightMm - skin.LowestMm), (int)Math.Round((start.AzimuthRad + Math.PI) / (2 * Math.PI) * skin.Columns));
                var far = From(skin, row, column).Where(r => r.Value > 10).ToArray();
                for (var k = 0; k < perStart; k++)
                {
                    var ((toRow, toColumn), mm) = far[random.Next(far.Length)];
                    var tape = Tape.DistanceMm(skin, new(skin.Azimuth(column), skin.Height(row)), new(skin.Azimuth(toColumn), skin.Height(toRow)));
                    pairs++;
                    beyond += tape >= 0.99 * mm - 0.1 && tape <= mm + Math.Max(0.3, 0.005 * mm) ? 0 : 1;
                }
            }
        }

        return (pairs, beyond);
    }

    // Straight down over the nose is a tenth longer than beside it.
    [Fact]
    public void ATapeGoesBesideTheNoseWhereThatIsShorter()
    {
        foreach (var body in Bodies)
        {
            var (top, low) = (new ChartPoint(0, 0), body.At(Landmark.MouthLine));
            var direct = body.TapeMm(top, low);
            Assert.All(new[] { 4.0, 8, 12, 16 }.SelectMany(x => new[] { -30.0, -25, -20, -15 }.Select(y => new ChartPoint(x, y))), by =>
                Assert.True(direct <= body.TapeMm(top, by) + body.TapeMm(by, low) + 0.2, $"by way of {by}"));
        }
    }

    [Fact]
    public void NoWayByAThirdPlaceIsShorterAndBackIsAsFarAsThere()
    {
        var random = new Random(11);
        ChartPoint Somewhere(FittedBody body)
        {
            var zone = body.ZoneOutlines[new[] { Zone.Forehead, Zone.Cheekbone, Zone.Nose, Zone.UpperLip, Zone.Chin, Zone.NeckFront, Zone.Orbit, Zone.Lips }[random.Next(8)]].EnvelopeInternal;
            return new((random.Next(2) == 0 ? 1 : -1) * zone.MaxX * random.NextDouble(), zone.MinY + random.NextDouble() * zone.Height);
        }

        for (var k = 0; k < 400; k++)
        {
            var body = Bodies[k % 4];
            var (a, b, c) = (Somewhere(body), Somewhere(body), Somewhere(body));
            var (ab, bc, ac) = (body.TapeMm(a, b), body.TapeMm(b, c), body.TapeMm(a, c));
            // Across the mouth from eye to neck there are many ways about as long.
            Assert.True(ac <= ab + bc + Math.Max(0.3, 0.005 * ac), $"{a} {b} {c}: {ac:0.00} against {ab + bc:0.00}");
            Assert.Equal(ab, body.TapeMm(b, a), Math.Max(0.3, 0.005 * ab));
            Assert.True(ab >= body.Chart.Position(a).DistanceTo(body.Chart.Position(b)) - 1e-6);
        }
    }

    private static Dictionary<(int Row, int Column), double> From(SkinGrid skin, int row, int column)
    {
        var (best, done, open) = (new Dictionary<(int Row, int Column), double> { [(row, column)] = 0 }, new Dictionary<(int Row, int Column), double>(),
            new PriorityQueue<(int Row, int Column), double>());
        open.Enqueue((row, column), 0);
        while (open.TryDequeue(out var here, out var mm) && mm < FarthestMm)
        {
            if (!done.TryAdd(here, mm))
            {
                continue;
            }

            foreach (var way in Ways)
            {
                var next = (Row: here.Row + way.Rows, Column: here.Column + way.Columns);
                if (done.ContainsKey(next) || next.Row < 2 || next.Row > skin.Rows - 20)
                {
                    continue;
                }

                var longer = mm + Length(skin, here, way);
                if (!best.TryGetValue(next, out var known) || longer < known)
                {
                    best[next] = longer;
                    open.Enqueue(next, longer);
                }
            }
        }

        return done;
    }

    private static double Length(SkinGrid skin, (int Row, int Column) from, (int Columns, int Rows) way)
    {
        var pieces = 3 * Math.Max(Math.Abs(way.Columns), Math.Abs(way.Rows));
        var (sum, last) = (0.0, skin.Node(from.Row, from.Column));
        for (var k = 1; k <= pieces; k++)
        {
            var t = (double)k / pieces;
            var next = skin.Position(new(skin.Azimuth(from.Column) + t * way.Columns * 2 * Math.PI / skin.Columns, skin.Height(from.Row) + t * way.Rows * skin.StepMm));
            (sum, last) = (sum + next.DistanceTo(last), next);
        }

        return sum;
    }

    private static int Gcd(int a, int b) => b == 0 ? a : Gcd(b, a % b);
}
