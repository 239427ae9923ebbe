using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>
/// How the two sides of a measured face differ. The bodies that plans are laid on are alike on both sides; a face seldom is (common practice:
/// brows, mouth corners and the tip of the nose differ by a few millimetres).
/// </summary>
internal static class FaceAsymmetry
{
    // Only photos from about straight before show both sides alike.
    private const double MostTurnDeg = 35;
    private const double LeastFacing = 0.35;

    // Features are told by points that are clear (photo-points.csv), no farther from a named one than this.
    private const double ClearMm = 2;
    private const double NearMm = 14;
    private const int LeastPairs = 2;

    // What the points of a side share, and a lean of the head that is told a little wrong, mm (by judgement, held against random people).
    private const double SharedMm = 0.6;
    private const double UncheckedSharedMm = 1.5;
    private const double MedianLoss = 1.25;

    // A painter sees so much; and so many standard deviations are hardly chance.
    private const double SeenMm = 1.5;
    private const double Spreads = 2.7;

    private static readonly (string Part, string[] Marks)[] Features =
    [
        ("brow", ["brow_inner_left", "brow_peak_left", "brow_outer_left"]),
        ("eye", ["endocanthion_left", "exocanthion_left", "palpebrale_superius_left", "palpebrale_inferius_left"]),
        ("mouth corner", ["cheilion_left"]),
    ];

    private static readonly ILookup<string, (string Left, string Right)> Pairs = FindPairs();

    public static IReadOnlyList<SideDifference> Of(IReadOnlyList<FacePhoto> photos, FaceSolve solve)
    {
        var fronts = Enumerable.Range(0, photos.Count).Where(k => Math.Abs(solve.Cameras[k].Camera.Pose.TurnDeg) < MostTurnDeg).ToHashSet();
        if (fronts.Count == 0)
        {
            return [];
        }

        var shared = fronts.All(k => photos[k].IsChecked) ? SharedMm : UncheckedSharedMm;
        var all = new List<SideDifference>();
        foreach (var (part, _) in Features)
        {
            var (higher, farther, squares) = (new List<double>(), new List<double>(), 0.0);
            foreach (var (left, right) in Pairs[part])
            {
                if (Found(left, solve, fronts) is { } l && Found(right, solve, fronts) is { } r)
                {
                    higher.Add(l.At.Y - r.At.Y);
                    farther.Add(l.At.X + r.At.X);
                    squares += l.SpreadMm * l.SpreadMm + r.SpreadMm * r.SpreadMm;
                }
            }

            if (higher.Count < LeastPairs)
            {
                continue;
            }

            var chance = MedianLoss * Math.Sqrt(squares) / higher.Count;
            var sd = Math.Sqrt(chance * chance + 2 * shared * shared);
            all.Add(new(part, SideDirection.Higher, Middle(higher), sd));
            all.Add(new(part, SideDirection.FartherOut, Middle(farther), sd));
        }

        return all;
    }

    /// <summary>Whether a painter would see it, and it is hardly chance.</summary>
    public static bool IsClear(SideDifference difference) => Math.Abs(difference.Mm) > Math.Max(SeenMm, Spreads * difference.SdMm);

    /// <summary>What is clear, in words: where plans for a face that is alike on both sides want a look.</summary>
    public static IEnumerable<Remark> Told(IReadOnlyList<SideDifference> differences) => differences.Where(IsClear).Select(d => Remark.Of(
        d.Direction == SideDirection.Higher ? RemarkCode.PhotoSideHigher : RemarkCode.PhotoSideFartherOut,
        ("side", d.Mm > 0 ? "left" : "right"), ("part", d.Part), ("mm", Math.Round(Math.Abs(d.Mm), 1)), ("give", Math.Round(PhotoMeasure.EightOfTen * d.SdMm, 1))));

    // Where the photos have a place: where the body has it, and what is left over in the picture, brought back to millimetres.
    private static (Vec3 At, double SpreadMm)? Found(string place, FaceSolve solve, HashSet<int> fronts)
    {
        var at = solve.Form(place).At(solve.Amounts);
        var normal = ReferenceSkin.Skin.Normal(PhotoPlaces.Find(place)!.At);
        var (x, y, weights) = (0.0, 0.0, 0.0);
        foreach (var row in solve.BlockOf(place)?.Rows ?? [])
        {
            var camera = solve.Cameras[row.Photo].Camera;
            var (a, b, c, d) = (row.XByPlace.X, row.XByPlace.Y, row.YByPlace.X, row.YByPlace.Y);
            var det = a * d - b * c;
            if (!fronts.Contains(row.Photo) || camera.Facing(at, normal) < LeastFacing || Math.Abs(det) < 1e-9)
            {
                continue;
            }

            var spread = row.SpreadPx / camera.PixelsPerMm(at);
            var weight = 1 / (spread * spread);
            x += weight * (d * row.MissX - b * row.MissY) / det;
            y += weight * (a * row.MissY - c * row.MissX) / det;
            weights += weight;
        }

        return weights == 0 ? null : (at + new Vec3(x / weights, y / weights, 0), 1 / Math.Sqrt(weights));
    }

    private static double Middle(List<double> of)
    {
        of.Sort();
        return (of[(of.Count - 1) / 2] + of[of.Count / 2]) / 2;
    }

    // Places that mirror each other, by the feature whose named mark is nearest.
    private static ILookup<string, (string Left, string Right)> FindPairs()
    {
        var skin = ReferenceSkin.Skin;
        var marks = Features.SelectMany(f => f.Marks.Select(m => (f.Part, At: skin.Position(PhotoPlaces.Find(m)!.At)))).ToArray();
        var clear = PhotoPlaces.All.Where(p => p.SpreadMm <= ClearMm).ToArray();
        return clear.Where(p => p.At.AzimuthRad > 0).Select(left =>
        {
            var right = clear.FirstOrDefault(p => p.At.AzimuthRad < 0 && Math.Abs(p.At.AzimuthRad + left.At.AzimuthRad) < 1e-4 && Math.Abs(p.At.HeightMm - left.At.HeightMm) < 0.01);
            var nearest = marks.MinBy(m => m.At.DistanceTo(skin.Position(left.At)));
            return (nearest.Part, Away: nearest.At.DistanceTo(skin.Position(left.At)), Left: left.Name, Right: right?.Name);
        }).Where(p => p.Right is not null && p.Away < NearMm).ToLookup(p => p.Part, p => (p.Left, p.Right!));
    }
}
