using Datura.Core.Review;

namespace Datura.Core.Tests.Photos;

/// <summary>A figure as a film of its own: at its place it is the plan, away from it what lies beneath is seen, and moved by any way it is found again.</summary>
public class FigureSearchTests
{
    private static readonly string[] Looks = ["drowned-lamp-keeper", "barnacle-saint", "kelp-bride", "storm-cormorant", "salt-widow", "wreck-diver"];

    private static IEnumerable<ReviewFigure> All() => Looks.Select((look, n) => DemoWorld.Plan(look, n % 3)).SelectMany(ReviewFigures.Of).Where(f => f.Films is not null);

    [Fact]
    public void AtItsPlaceAFigureIsThePlan()
    {
        foreach (var figure in All())
        {
            foreach (var spot in figure.Spots)
            {
                // Spots lie in the middle of one colour: pixels about them do not differ.
                var (r, g, b) = LookFilms.Linear(figure.Films!.LogAt(spot.At, spot.At));
                Assert.True(Math.Abs(r - spot.Planned.R) + Math.Abs(g - spot.Planned.G) + Math.Abs(b - spot.Planned.B) < 0.03, $"{figure.PartId} {figure.Side} at {spot.At}");
            }
        }
    }

    [Fact]
    public void WhereAFigureIsGoneWhatLiesBeneathIsSeen()
    {
        var far = new ChartPoint(-149, 149);
        foreach (var figure in All())
        {
            foreach (var spot in figure.Spots)
            {
                var (r, g, b) = LookFilms.Linear(figure.Films!.LogAt(spot.At, far));
                Assert.True(Math.Abs(r - spot.Beneath.R) + Math.Abs(g - spot.Beneath.G) + Math.Abs(b - spot.Beneath.B) < 0.03, $"{figure.PartId} {figure.Side} at {spot.At}");
            }
        }
    }

    [Fact]
    public void AFigureMovedAndSizedIsFoundWhereItIsWhateverTheLight()
    {
        var (random, found, tried) = (new SeededRandom(3), 0, 0);
        foreach (var figure in All().Where(f => !f.IsBase && f.Lines.Count >= 10 && f.RadiusMm is > 8 and < 40))
        {
            var place = new FigurePlace(6 * random.Either(), 6 * random.Either(), 0.18 * random.Either());
            var lines = figure.Lines.Select(line =>
            {
                // Another light on every line, and a little noise.
                var light = 0.5 * random.Either();
                double Off() => light + 0.03 * random.Either();
                return new FigureSearch.Seen(line, [.. Enumerable.Range(0, ReviewLine.Samples).Select(k => line.Sample(k)).Select(at =>
                    figure.Films!.LogAt(at, place.PlannedAt(at, figure.Middle)) is var c ? (c.R + Off(), c.G + Off(), c.B + Off()) : default)]);
            }).ToArray();
            var seen = FigureSearch.Of(figure, lines);
            tried++;
            found += Math.Abs(seen.OutMm - place.OutMm) < 1.2 && Math.Abs(seen.UpMm - place.UpMm) < 1.2 && Math.Abs(seen.Larger - place.Larger) < 0.08 ? 1 : 0;
        }

        Assert.True(tried > 50, $"{tried}");
        Assert.True(found >= 0.95 * tried, $"{found} of {tried}");
    }

    [Fact]
    public void APlaceIsAWayThereAndBack()
    {
        var (place, middle, at) = (new FigurePlace(3, -2, 0.2), new ChartPoint(10, 5), new ChartPoint(-4, 31));
        var from = place.PlannedAt(at, middle);
        var back = middle + (1 + place.Larger) * (from - middle) + new ChartPoint(place.OutMm, place.UpMm);
        Assert.InRange((back - at).Length(), 0, 1e-12);
    }
}
