using Datura.Core.Body;
using Datura.Core.Photos;
using Xunit.Abstractions;

namespace Datura.Core.Tests.Photos;

/// <summary>
/// How two sides of a face differ, against people drawn at random (every one of whom is a little uneven by bumps of her own), before random
/// cameras. The truth is read off the landmarks of the person, not off the solver's body.
/// </summary>
public class FaceAsymmetryTests(ITestOutputHelper output)
{
    private static readonly int Draws = int.TryParse(Environment.GetEnvironmentVariable("DATURA_DRAWS"), out var draws) ? draws : 60;

    private static readonly Dictionary<string, Landmark[]> Marks = new()
    {
        ["brow"] = [Landmark.BrowInner.Left, Landmark.BrowPeak.Left, Landmark.BrowOuter.Left],
        ["eye"] = [Landmark.Exocanthion.Left, Landmark.Endocanthion.Left, Landmark.PalpebraleSuperius.Left, Landmark.PalpebraleInferius.Left],
        ["mouth corner"] = [Landmark.Cheilion.Left],
    };

    private static MeasuredFace Measured(int seed, Func<Vec3, Vec3>? uneven, out RandomPerson person)
    {
        var random = new SeededRandom((ulong)seed);
        person = RandomPerson.Draw(random);
        person = uneven is null ? person : person.With(uneven);
        return FaceFromPhotos.Of([RandomShots.Of(person, random, 0, card: true).Photo, RandomShots.Of(person, random, seed % 2 == 0 ? 70 : -70, card: false).Photo]);
    }

    private static double True(RandomPerson person, SideDifference of) => Marks[of.Part].Average(mark =>
    {
        var left = Landmarks.At(mark);
        var (l, r) = (person.At(left), person.At(left with { AzimuthRad = -left.AzimuthRad }));
        return of.Direction == SideDirection.Higher ? l.Y - r.Y : l.X + r.X;
    });

    [Fact]
    public void FacesAboutAlikeAreSeldomCalledUneven()
    {
        var (within, told, all, wrong) = (0, 0, 0, 0);
        Parallel.For(0, Draws, seed =>
        {
            var found = Measured(seed, null, out var person);
            lock (output)
            {
                foreach (var side in found.Sides)
                {
                    all++;
                    var miss = side.Mm - True(person, side);
                    within += Math.Abs(miss) <= PhotoMeasure.EightOfTen * side.SdMm ? 1 : 0;
                    var clear = Told(found, side);
                    told += clear ? 1 : 0;
                    wrong += clear && Math.Abs(True(person, side)) < 0.75 ? 1 : 0;
                }
            }
        });
        output.WriteLine($"{all} sides, {(double)within / all:0.00} within, {told} told, {wrong} of them hardly uneven");
        Assert.True(all >= 6 * Draws, "Two photos tell of brows, eyes, wings and mouth corners.");
        Assert.True((double)within / all is >= 0.74 and <= 0.86, "Eight of ten lie within what is said.");
        Assert.True(wrong <= 0.03 * all);
    }

    private static bool Told(MeasuredFace found, SideDifference side) => found.Notes.Any(n =>
        n.Sentence.Contains(side.Part, StringComparison.Ordinal) && n.Sentence.Contains(side.Direction == SideDirection.Higher ? "higher" : "farther", StringComparison.Ordinal));

    // What a painter would see at once.
    [Theory]
    [InlineData("brow")]
    [InlineData("eye")]
    [InlineData("mouth corner")]
    public void ALiftedSideIsTold(string part)
    {
        var (lifted, told, otherWay) = (0, 0, 0);
        Parallel.For(0, Draws / 2, seed =>
        {
            var side = seed % 2 == 0 ? 1 : -1;
            var marks = Marks[part].Select(m => ReferenceSkin.Skin.Position(Landmarks.At(m))).ToArray();
            var middle = new Vec3(side * Math.Abs(marks.Average(m => m.X)), marks.Average(m => m.Y), marks.Average(m => m.Z));
            var face = Measured(500 + seed, at => Math.Exp(-Math.Pow(at.DistanceTo(middle) / 24, 4)) * new Vec3(0, 5, 0), out var person);
            if (face.Sides.Single(d => d.Part == part && d.Direction == SideDirection.Higher) is var found && side * True(person, found) > 4)
            {
                Interlocked.Increment(ref lifted);
                Interlocked.Add(ref told, Told(face, found) && side * found.Mm > 0 ? 1 : 0);
                Interlocked.Add(ref otherWay, side * found.Mm < 0 ? 1 : 0);
            }
        });
        output.WriteLine($"{part}: {told} of {lifted} that differ by more than 4 mm, {otherWay} the other way");
        Assert.True(lifted > Draws / 16);
        Assert.True(told >= 0.8 * lifted);
        Assert.Equal(0, otherWay);
    }

    // What is left of one is right of a picture that was mirrored, names and all.
    [Fact]
    public void TheMirroredFaceIsUnevenTheOtherWay()
    {
        var random = new SeededRandom(4);
        var photo = RandomShots.Of(RandomPerson.Draw(random), random, 0, card: true).Photo;
        var twin = PhotoPlaces.All.ToDictionary(p => p.Name, p => PhotoPlaces.All.FirstOrDefault(q => Math.Abs(p.At.AzimuthRad + q.At.AzimuthRad) < 1e-4 && Math.Abs(p.At.HeightMm - q.At.HeightMm) < 0.01)?.Name);
        var mirrored = photo with
        {
            Points = [.. photo.Points.Where(p => twin[p.Place] is not null).Select(p => p with { Place = twin[p.Place]!, X = photo.WidthPx - p.X })],
            Held = photo.Held! with { Corners = [.. new[] { 2, 3, 0, 1, 6, 7, 4, 5 }.Select(k => k % 2 == 0 ? photo.WidthPx - photo.Held.Corners[k] : photo.Held.Corners[k])] },
        };
        var once = FaceFromPhotos.Of([photo with { Points = [.. photo.Points.Where(p => twin[p.Place] is not null)] }]).Sides;
        var twice = FaceFromPhotos.Of([mirrored]).Sides;
        Assert.NotEmpty(once);
        Assert.All(once.Zip(twice), s => Assert.Equal(s.First.Mm, -s.Second.Mm, 0.3));
    }
}
