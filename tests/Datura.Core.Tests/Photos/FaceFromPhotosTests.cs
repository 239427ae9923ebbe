using Datura.Core.Body;
using Datura.Core.Photos;
using Xunit.Abstractions;

namespace Datura.Core.Tests.Photos;

/// <summary>
/// Against the truth of people drawn at random, with forms that the solver's own bodies do not have, before random cameras, found as
/// sloppily as <see cref="RandomShots"/> says.
/// </summary>
public class FaceFromPhotosTests(ITestOutputHelper output)
{
    private static readonly int Draws = int.TryParse(Environment.GetEnvironmentVariable("DATURA_DRAWS"), out var draws) ? draws : 100;

    private sealed record Outcome(string Id, double MissMm, double SdMm);

    [Fact]
    public void MeasuresOfRandomPeopleComeOutAndSayHowSureTheyAre()
    {
        var (outcomes, poses) = (new List<Outcome>(), new List<double>());
        Parallel.For(0, Draws, seed =>
        {
            var random = new SeededRandom((ulong)seed);
            var person = RandomPerson.Draw(random, child: seed % 5 == 0);
            var shots = new List<RandomShots.Shot> { RandomShots.Of(person, random, 0, card: true), RandomShots.Of(person, random, seed % 2 == 0 ? 70 : -70, card: false) };
            if (seed % 3 == 0)
            {
                shots.Add(RandomShots.Of(person, random, 38, card: false));
            }

            var found = FaceFromPhotos.Of([.. shots.Select(s => s.Photo)]);
            lock (outcomes)
            {
                poses.AddRange(shots.Select((s, k) => found.Photos[k].Camera.Pose.FromDeg(s.Camera.Pose)));
                outcomes.AddRange(found.Measures.Where(m => m.Taken).Select(m => new Outcome(m.Id, m.Mm - person.Mm(Measures.Find(m.Id)!), m.SdMm)));
            }
        });
        foreach (var one in outcomes.GroupBy(o => o.Id))
        {
            output.WriteLine($"{one.Key}: {one.Count()} times, median {At(one, 0.5):0.00} mm, mean {one.Average(o => o.MissMm):0.00}, said {one.Average(o => o.SdMm):0.00}, {Within(one):0.00} within");
        }

        poses.Sort();
        output.WriteLine($"all: median {At(outcomes, 0.5):0.00} mm, 95 % {At(outcomes, 0.95):0.00} mm, {Within(outcomes):0.000} of {outcomes.Count} within; poses {poses[poses.Count / 2]:0.00}°, 90 % {poses[poses.Count * 9 / 10]:0.00}°");
        Assert.True(outcomes.Count > 12 * Draws, "Most measures of the face are told by two photos.");
        Assert.InRange(At(outcomes, 0.5), 0, 2);
        Assert.InRange(At(outcomes, 0.95), 0, 5);
        Assert.InRange(Within(outcomes), 0.75, 0.85);
        Assert.InRange(poses[poses.Count * 9 / 10], 0, 2);
    }

    private static double At(IEnumerable<Outcome> of, double share) => of.Select(o => Math.Abs(o.MissMm)).Order().ToArray() is var sorted ? sorted[(int)(share * (sorted.Length - 1))] : 0;

    private static double Within(IEnumerable<Outcome> of) => of.Average(o => Math.Abs(o.MissMm) <= PhotoMeasure.EightOfTen * o.SdMm ? 1.0 : 0);

    // Without a card only the shape is seen: what is said to be open must grow.
    [Fact]
    public void ACardMakesSizesSurer()
    {
        var random = new SeededRandom(5);
        var person = RandomPerson.Draw(random);
        var (front, side) = (RandomShots.Of(person, random, 0, card: true).Photo, RandomShots.Of(person, random, 70, card: false).Photo);
        double Sd(FacePhoto first) => FaceFromPhotos.Of([first, side]).Measures.Single(m => m.Id == "outerEyeDistance").SdMm;
        var (card, iris, none) = (Sd(front), Sd(front with { Held = null, IrisPx = 11.7 * front.HeightPx / 470 }), Sd(front with { Held = null }));
        Assert.True(card < iris && iris < none, $"{card} {iris} {none}");
    }

    // The middle line of a card is as long as a ruler of that length.
    [Fact]
    public void TwoMarksOfARulerTellTheScale()
    {
        var misses = new List<double>();
        for (var seed = 0; seed < 18; seed++)
        {
            var random = new SeededRandom((ulong)(300 + seed));
            var person = RandomPerson.Draw(random);
            var (front, side) = (RandomShots.Of(person, random, 0, card: true).Photo, RandomShots.Of(person, random, 70, card: false).Photo);
            var c = front.Held!.Corners;
            var ruler = front.Held with { Corners = [(c[0] + c[6]) / 2, (c[1] + c[7]) / 2, (c[2] + c[4]) / 2, (c[3] + c[5]) / 2], ShortMm = 10 };
            PhotoMeasure Eyes(HeldThing? held) => FaceFromPhotos.Of([front with { Held = held }, side]).Measures.Single(m => m.Id == "outerEyeDistance");
            var (by, none) = (Eyes(ruler), Eyes(null));
            Assert.True(by.SdMm < none.SdMm, $"{by.SdMm} {none.SdMm}");
            misses.Add(Math.Abs(by.Mm - person.Mm(Measures.Find("outerEyeDistance")!)));
        }

        Assert.InRange(misses.Order().ElementAt(misses.Count / 2), 0, 1.5);
        Assert.InRange(misses.Order().ElementAt(misses.Count * 9 / 10), 0, 5);
    }

    // Doubling a picture, or laying it down in other pixels, changes nothing of the face.
    [Fact]
    public void PixelsOfAnySizeGiveTheSameFace()
    {
        var random = new SeededRandom(8);
        var person = RandomPerson.Draw(random);
        FacePhoto[] photos = [RandomShots.Of(person, random, 0, card: true).Photo, RandomShots.Of(person, random, -70, card: false).Photo];
        static FacePhoto Larger(FacePhoto p) => p with
        {
            WidthPx = 2 * p.WidthPx,
            HeightPx = 2 * p.HeightPx,
            FocalPx = 2 * p.FocalPx,
            Points = [.. p.Points.Select(s => s with { X = 2 * s.X, Y = 2 * s.Y })],
            Held = p.Held is null ? null : p.Held with { Corners = [.. p.Held.Corners.Select(c => 2 * c)] },
        };
        var (once, twice) = (FaceFromPhotos.Of(photos), FaceFromPhotos.Of([.. photos.Select(Larger)]));
        Assert.All(once.Measures.Zip(twice.Measures), m => Assert.Equal(m.First.Mm, m.Second.Mm, 0.25));
    }

    // Whatever is brought ends in a face or in a sentence.
    [Fact]
    public void NonsenseIsRefusedInWords()
    {
        var (refused, measured) = (0, 0);
        for (var seed = 0; seed < 150; seed++)
        {
            var random = new SeededRandom((ulong)(900 + seed));
            var places = PhotoPlaces.All.Where(_ => random.Unit() < 0.3).ToArray();
            double Any(double usual) => random.Unit() switch { < 0.03 => double.NaN, < 0.06 => -1e9, < 0.09 => 1e300, < 0.12 => 0, _ => usual * random.Unit() };
            var photo = new FacePhoto(
                Any(2_000), Any(2_000), [.. places.Select(p => new SeenPoint(random.Unit() < 0.01 ? "nowhere" : p.Name, Any(1_000), Any(1_000), Any(1)))],
                random.Unit() < 0.5 ? null : Any(4_000), random.Unit() < 0.5 ? null : new((HeldAgainst)(int)Any(3), [.. Enumerable.Range(0, random.Unit() < 0.5 ? 8 : 4).Select(_ => Any(1_000))]), random.Unit() < 0.5 ? null : Any(90));
            try
            {
                FaceFromPhotos.Of(random.Unit() < 0.05 ? [] : [photo]);
                measured++;
            }
            catch (InputException refusal)
            {
                Assert.EndsWith(".", refusal.Message, StringComparison.Ordinal);
                refused++;
            }
        }

        Assert.True(refused > 100, $"{refused} refused, {measured} measured");
    }

    [Fact]
    public void AMirroredPictureContradictsItself()
    {
        var random = new SeededRandom(3);
        var photo = RandomShots.Of(RandomPerson.Draw(random), random, 25, card: false).Photo;
        var mirrored = photo with { Points = [.. photo.Points.Select(p => p with { X = photo.WidthPx - p.X, Place = p.Place })] };
        var refusal = Assert.Throws<InputException>(() => FaceFromPhotos.Of([mirrored]));
        Assert.Equal(ProblemCode.PhotoContradicts, refusal.Problem.Code);
    }
}
