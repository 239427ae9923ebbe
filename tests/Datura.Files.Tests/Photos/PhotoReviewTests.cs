using Datura.Core.Paint;
using Datura.Core.Photos;
using Datura.Core.Review;
using Datura.Files.Photos;
using Xunit.Abstractions;

namespace Datura.Files.Tests.Photos;

/// <summary>
/// Faults planted on the demo's looks, photographed by the simulated camera through random lenses, lamps and poses, with points off as when a
/// person has checked them; found again, and nothing else.
/// </summary>
public class PhotoReviewTests(ITestOutputHelper output)
{
    private static readonly int Draws = int.TryParse(Environment.GetEnvironmentVariable("DATURA_DRAWS"), out var draws) ? draws : 16;
    private static readonly string[] Looks = ["drowned-lamp-keeper", "barnacle-saint", "kelp-bride", "storm-cormorant", "salt-widow", "wreck-diver"];

    private sealed record Shot(PhotoReview Review, ReviewFigure? Planted);

    private static Shot Take(int seed, Func<PlannedLook, ReviewFigure, SeededRandom, PlannedLook?>? fault, Func<ReviewFigure, ReviewPlaces, bool>? may = null)
    {
        var random = new SeededRandom((ulong)seed);
        var look = DemoWorld.Plan(Looks[seed % Looks.Length], seed / Looks.Length % 3);
        var lens = new Lens(1050, 1400, 1400 * (0.75 + 0.7 * random.Unit()), 0.03 * random.Either());
        var away = lens.FocalPx * 230 / (1400 * 0.55);
        var turns = seed % 3 == 0 ? new[] { 0.0 } : [0.0, seed % 2 == 0 ? 38 : -38];
        var figures = ReviewFigures.Of(look);
        var (places, photos) = (new List<ReviewPlaces>(), new List<ReviewedPhoto>());
        var (planted, painted) = ((ReviewFigure?)null, look);
        foreach (var turn in turns)
        {
            var camera = new PhotoCamera(lens, CameraPose.Of(turn + 6 * random.Either(), 6 * random.Either(), 5 * random.Either(), away, 12 * random.Either(), 20));
            var lamp = new CameraLamp(new(0.9 * random.Either(), 0.2 + 0.6 * random.Unit(), 0.9), 0.4 + 0.5 * random.Unit(), 0.75 + 0.15 * random.Unit(), 0.9 + 0.25 * random.Unit(), 0.8 + 0.3 * random.Unit());
            var photo = new FacePhoto(1050, 1400, Points(look, camera, random), lens.FocalPx * (1 + 0.02 * random.Either()));
            var asked = ReviewPlaces.Of(look, figures, photo);
            if (places.Count == 0 && fault is not null)
            {
                var candidates = figures.Where(f => may!(f, asked)).ToArray();
                if (candidates.Length == 0)
                {
                    return new(null!, null);
                }

                planted = candidates[(int)(random.Unit() * candidates.Length)];
                if (fault(look, planted, random) is not { } wrong)
                {
                    return new(null!, null);
                }

                painted = wrong;
            }

            var taken = new SimulatedCamera(camera, lamp) { Seed = seed, Jpeg = 88, Noise = 3 }.Take(painted);
            var colours = new byte[asked.Px.Count / 2 * 3];
            for (var k = 0; k < asked.Px.Count / 2; k++)
            {
                var (r, g, b) = taken.Mean(asked.Px[2 * k], asked.Px[2 * k + 1]);
                (colours[3 * k], colours[3 * k + 1], colours[3 * k + 2]) = ((byte)Math.Round(r), (byte)Math.Round(g), (byte)Math.Round(b));
            }

            places.Add(asked);
            // White paper held before the face, a little askew.
            var paper = PhotoColour.PaperWhite * lamp.Exposure * lamp.On(new Vec3(0.15 * random.Either(), 0.15 * random.Either(), 1).Unit());
            photos.Add(new(photo, colours, [Srgb.ShownOf(paper * lamp.Red), Srgb.ShownOf(paper), Srgb.ShownOf(paper * lamp.Blue)]));
        }

        return new(PhotoReview.Of(look, figures, places, photos), planted);
    }

    private static List<SeenPoint> Points(PlannedLook look, PhotoCamera camera, SeededRandom random)
    {
        var points = new List<SeenPoint>();
        foreach (var place in PhotoPlaces.All.Where(p => p.Number is not null))
        {
            var at = look.Body.Skin.Position(place.At);
            if (camera.Facing(at, look.Body.Skin.Normal(place.At)) > 0.1)
            {
                var (x, y, _) = camera.Draw(at);
                var px = 0.6 * place.SpreadMm * camera.PixelsPerMm(at);
                points.Add(new(place.Name, x + px * RandomPerson.Normal(random), y + px * RandomPerson.Normal(random)));
            }
        }

        return points;
    }

    // Of a hand's size, well in sight, and with an edge: nobody can say where a shade without one ends.
    private static bool IsPlaceable(ReviewFigure f, ReviewPlaces places)
    {
        var seen = places.Lines.Where(l => l.Figure == f).Select(l => EdgeMatch.PlannedWidth(l.Line)).Order().ToArray();
        return !f.IsBase && f.RadiusMm is > 10 and < 40 && seen.Length >= 14 && seen[seen.Length / 2] < 5;
    }

    private void Check(string what, Func<PlannedLook, ReviewFigure, SeededRandom, PlannedLook?> fault, Func<ReviewFigure, ReviewPlaces, bool> may, Func<ReviewFinding, ReviewFigure, bool> isIt, int draws)
    {
        var (found, planted, invented, others) = (0, 0, 0, 0);
        Parallel.For(0, draws, seed =>
        {
            var shot = Take(1_000 * what.Length + seed, fault, may);
            if (shot.Planted is not { } wrong)
            {
                return;
            }

            var hit = shot.Review.Findings.Any(f => isIt(f, wrong));
            // Whatever lies thinly on a base of another colour is of another colour too.
            var extra = shot.Review.Findings.Where(f => f.PartId != wrong.PartId && !wrong.IsBase).ToArray();
            lock (output)
            {
                planted++;
                found += hit ? 1 : 0;
                invented += extra.Select(f => (f.PartId, f.Side)).Distinct().Count();
                others += shot.Review.Figures.Count(f => f.Figure.PartId != wrong.PartId && (f.Shift is not null || f.Colour is not null));
                if (!hit || extra.Length > 0)
                {
                    var own = shot.Review.Figures.Single(f => f.Figure == wrong);
                    output.WriteLine($"{what} {seed} {wrong.PartId} {wrong.Side}: {(hit ? "" : "MISSED ")}{own.Shift} of {wrong.RadiusMm:0} mm, {own.Colour}");
                    output.WriteLine(string.Join(" / ", extra.Select(f => f.Words)));
                }
            }
        });
        output.WriteLine($"{what}: {found} of {planted} found; {invented} of {others} others invented");
        Assert.True(planted >= draws / 3, $"{planted} planted");
        // Of few draws one may fail; of many one in twenty.
        Assert.True(found >= Math.Min(planted - 1, 0.95 * planted), $"{found} of {planted}");
        Assert.True(invented <= Most(others), $"{invented} of {others}");
    }

    // One in twenty; of few draws as many as chance makes of that, two standard deviations.
    private static double Most(int others) => 0.05 * others + (Draws < 100 ? 2 * Math.Sqrt(0.05 * others) : 0);

    [Fact]
    public void AFigureFiveMillimetresOffIsFound() => Check(
        "moved",
        (look, f, random) => random.Unit() * 2 * Math.PI is var a ? PlantedFault.Moved(look, f.PartId, f.Side, f.Middle, new(5 * Math.Cos(a), 5 * Math.Sin(a)), 1) : look,
        IsPlaceable, (f, wrong) => f.PartId == wrong.PartId && f.Kind is FindingKind.Moved or FindingKind.SideHigher or FindingKind.SideFartherOut, Draws);

    [Fact]
    public void AFigureAFifthTooLargeIsFound() => Check(
        "larger", (look, f, _) => PlantedFault.Moved(look, f.PartId, f.Side, f.Middle, default, 1.2), IsPlaceable,
        (f, wrong) => f.PartId == wrong.PartId && f.Kind is FindingKind.Size or FindingKind.SideLarger, Draws);

    [Fact]
    public void ASideLowerIsFound() => Check(
        "a side lower", (look, f, _) => PlantedFault.Moved(look, f.PartId, f.Side, f.Middle, new(0, -5), 1), (f, places) => IsPlaceable(f, places) && f.Side != Side.Middle,
        (f, wrong) => f.PartId == wrong.PartId && f.Side == wrong.Side && f is { Kind: FindingKind.Moved or FindingKind.SideHigher }, Draws);

    [Fact]
    public void AWrongColourIsFound() => Check(
        "coloured", (look, f, _) => PlantedFault.Coloured(look, f.PartId, [.. f.Spots.Select(s => s.At)], 8), (f, places) => f.PartId.Length > 0 && places.Spots.Count(s => s.Figure == f) >= 8,
        // Where the wrong colour happens to be that of the ground, the part looks as if it were missing.
        (f, wrong) => f.PartId == wrong.PartId && f.Kind is FindingKind.Colour or FindingKind.SideColour or FindingKind.Missing, Draws);

    [Fact]
    public void AMissingPartIsFound() => Check(
        "missing", (look, f, _) => PlantedFault.Missing(look, f.PartId, f.Side), (f, places) => IsPlaceable(f, places) && places.Spots.Count(s => s.Figure == f) >= 6,
        (f, wrong) => f.PartId == wrong.PartId && f.Kind == FindingKind.Missing, Draws);

    [Fact]
    public void AFaceAsPlannedIsLeftAlone()
    {
        var (invented, others) = (0, 0);
        Parallel.For(0, Draws, seed =>
        {
            var shot = Take(90_000 + seed, null);
            lock (output)
            {
                invented += shot.Review.Findings.Select(f => (f.PartId, f.Side)).Distinct().Count();
                others += shot.Review.Figures.Count(f => f.Shift is not null || f.Colour is not null);
                output.WriteLine($"{seed}: {string.Join(" / ", shot.Review.Findings.Select(f => f.Words))}");
            }
        });
        output.WriteLine($"{invented} of {others} invented");
        Assert.True(invented <= Most(others), $"{invented} of {others}");
    }
}
