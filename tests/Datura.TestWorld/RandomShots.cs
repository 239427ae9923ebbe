using Datura.Core.Photos;

namespace Datura.TestWorld;

/// <summary>
/// Photos of a random person as numbers: true places, seen through a random lens from a random side, with what a face finder does wrong:
/// every point a little off, neighbours together, and a few far off.
/// </summary>
public static class RandomShots
{
    private const double WildShare = 0.02;

    public sealed record Shot(FacePhoto Photo, PhotoCamera Camera);

    /// <param name="turnDeg">About how far the head is turned.</param>
    /// <param name="card">Whether a card is held against the forehead.</param>
    /// <param name="sloppiness">How far points are off, as a share of what is usual of each.</param>
    public static Shot Of(RandomPerson person, SeededRandom random, double turnDeg, bool card, double sloppiness = 0.65, bool focalKnown = true)
    {
        var (width, height) = (1050.0, 1400.0);
        var focal = height * (0.7 + 0.9 * random.Unit());
        var lens = new Lens(width, height, focal, 0.04 * random.Either());
        // So far away that the head fills about half of the picture.
        var away = focal * 230 / (height * (0.42 + 0.16 * random.Unit()));
        var pose = CameraPose.Of(turnDeg + 7 * random.Either(), 8 * random.Either(), 8 * random.Either(), away, 25 * random.Either(), 25 * random.Either());
        var camera = new PhotoCamera(lens, pose);
        var (shiftX, shiftY) = (Smooth(random), Smooth(random));
        var points = new List<SeenPoint>();
        foreach (var place in PhotoPlaces.All.Where(p => p.Number is not null || p.Name is "mouth_line" or "pronasale"))
        {
            var at = person.At(place.At);
            if (camera.Facing(at, person.Normal(place.At)) < 0.05)
            {
                continue;
            }

            var (x, y, _) = camera.Draw(at);
            var px = camera.PixelsPerMm(at);
            var spread = sloppiness * place.SpreadMm * px;
            var (offX, offY) = random.Unit() < WildShare
                ? (15 * px * random.Either(), 15 * px * random.Either())
                : (spread * RandomPerson.Normal(random) + 0.4 * px * shiftX(at), spread * RandomPerson.Normal(random) + 0.4 * px * shiftY(at));
            points.Add(new(place.Name, x + offX, y + offY));
        }

        var written = focal * (1 + 0.02 * RandomPerson.Normal(random));
        return new(new(width, height, points, focalKnown ? written : null, card ? Card(person, camera, random) : null), camera);
    }

    /// <summary>A card laid against the forehead: pressed on until it touches, a little askew.</summary>
    private static HeldThing Card(RandomPerson person, PhotoCamera camera, SeededRandom random)
    {
        var middle = person.At(new(0.06 * random.Either(), 62 + 10 * random.Unit()));
        var out0 = person.Normal(new(0, 68));
        var across = new Vec3(1, 0.15 * random.Either(), 0.08 * random.Either()).Unit();
        var normal = (out0 - out0.Dot(across) * across).Unit();
        var up = normal.Cross(across);
        // Forward until no skin stands through it.
        var most = 0.0;
        for (var a = -0.5; a <= 0.5; a += 0.05)
        {
            for (var v = 30.0; v <= 100; v += 3)
            {
                var off = person.At(new(a, v)) - middle;
                if (Math.Abs(off.Dot(across)) < HeldThing.CardLongMm / 2 && Math.Abs(off.Dot(up)) < HeldThing.CardShortMm / 2)
                {
                    most = Math.Max(most, off.Dot(normal));
                }
            }
        }

        var at = middle + most * normal;
        var corners = new List<double>();
        foreach (var (l, w) in new[] { (-1, 1), (1, 1), (1, -1), (-1, -1) })
        {
            var (x, y, _) = camera.Draw(at + l * HeldThing.CardLongMm / 2 * across + w * HeldThing.CardShortMm / 2 * up);
            corners.AddRange([x + 0.8 * RandomPerson.Normal(random), y + 0.8 * RandomPerson.Normal(random)]);
        }

        return new(HeldAgainst.Forehead, corners);
    }

    // A shift that neighbours share: a few waves over the face.
    private static Func<Vec3, double> Smooth(SeededRandom random)
    {
        var waves = Enumerable.Range(0, 3).Select(_ => (random.Either() / 25, random.Either() / 25, 6.3 * random.Unit())).ToArray();
        return at => waves.Sum(w => Math.Sin(w.Item1 * at.X + w.Item2 * at.Y + w.Item3)) / Math.Sqrt(1.5);
    }
}
