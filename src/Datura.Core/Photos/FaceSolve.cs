using Datura.Core.Body;
using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Photos;

/// <summary>
/// Cameras and body together: Gauss–Newton on how far the places of the face are drawn from where they were found, in all photos at once,
/// with how people vary as the prior. Misses are heavy-tailed (Student's t; Lange, Little and Taylor 1989), so that a point found wrongly
/// counts little. Every place may also lie off by itself, which is summed out (docs/photo.md).
/// </summary>
internal sealed class FaceSolve
{
    private const int MostRounds = 25;
    private const double EnoughStep = 5e-3;
    private const double Freedom = 4;

    // Edges of the body lie where it is seen, not at a place of anatomy; beyond, a place is not seen at all.
    private const double SquareOn = 0.5;
    private const double LeastShare = 0.3;
    private const double LeastFacing = 0.1;

    private const int LeastForSloppiness = 24;
    private const double LeastSloppiness = 0.4;
    private const double MostSloppiness = 3;
    private const double OwnShare = 0.5;

    private const double IrisMm = 11.7;
    private const double IrisSpreadMm = 0.5;

    private readonly FaceForms forms;
    private readonly IReadOnlyList<FacePhoto> photos;
    private readonly Dictionary<string, FormPlace> places;
    private readonly List<(string Name, FormPlace Form, SkinPoint At, List<PlaceSeen> Seen)> observed = [];
    private readonly List<HeldUnknown> held = [];
    private readonly int unknowns;

    // How sloppy the points of each photo are beside what is usual of them; found out from what does not fit.
    private readonly double[] sloppiness;

    private double[] amounts;
    private CameraUnknown[] cameras;

    public FaceSolve(FaceForms forms, IReadOnlyList<FacePhoto> photos, IReadOnlyList<CameraUnknown> cameras)
    {
        (this.forms, this.photos, this.cameras) = (forms, photos, [.. cameras]);
        amounts = new double[forms.Count];
        sloppiness = [.. photos.Select(_ => 1.0)];
        places = [];
        foreach (var group in photos.SelectMany((p, k) => p.Points.Select(s => (Photo: k, Seen: s))).GroupBy(s => s.Seen.Place))
        {
            var place = PhotoPlaces.Find(group.Key)!;
            var form = places[group.Key] = forms.Place(place.At);
            observed.Add((group.Key, form, place.At, [.. group.Select(s => new PlaceSeen(s.Photo, s.Seen.X, s.Seen.Y, place.SpreadMm / Math.Clamp(s.Seen.Sure, 0.05, 1)))]));
        }

        unknowns = forms.Count + CameraUnknown.Count * photos.Count;
        for (var k = 0; k < photos.Count; k++)
        {
            if (photos[k].Held is { } thing)
            {
                held.Add(new(k, unknowns, thing, forms, cameras[k].Camera.Lens));
                unknowns += HeldUnknown.Count;
            }
        }
    }

    public IReadOnlyList<CameraUnknown> Cameras => cameras;

    public double[] Amounts => amounts;

    public FormPlace Form(string name) => places.TryGetValue(name, out var form) ? form : places[name] = forms.Place(PhotoPlaces.Find(name)!.At);

    /// <summary>Looks for the likeliest; what it ends with can be asked for afterwards.</summary>
    public void Solve()
    {
        Search();
        for (var k = 0; k < photos.Count; k++)
        {
            sloppiness[k] = Sloppiness(k);
        }

        Search();
    }

    private void Search()
    {
        for (var round = 0; round < MostRounds; round++)
        {
            var step = Gathered().Step();
            if (step.Any(s => !double.IsFinite(s)))
            {
                return;
            }

            // A first step from far away may be too long for the curved way that pictures follow.
            var longest = step.Take(forms.Count).Select(Math.Abs).Max();
            Take(step, longest > 2 ? 2 / longest : 1);
            if (longest < EnoughStep && round > 2)
            {
                return;
            }
        }
    }

    // Half of the misses in two directions lie within √(2 ln 2) standard deviations, whatever the wild ones do.
    private double Sloppiness(int photo)
    {
        var off = observed.Select(o => Block(o.Form, o.At, o.Seen)?.Rows.FirstOrDefault(r => r.Photo == photo)).Where(r => r is not null).Select(r =>
        {
            var own = FaceForms.OwnSpreadMm * FaceForms.OwnSpreadMm * (r!.XByPlace.Dot(r.XByPlace) + r.YByPlace.Dot(r.YByPlace)) / 2;
            return (r.MissX * r.MissX + r.MissY * r.MissY - OwnShare * 2 * own) / (r.SpreadPx * r.SpreadPx);
        }).Order().ToArray();
        return off.Length < LeastForSloppiness ? 1 : Math.Clamp(Math.Sqrt(Math.Max(0, off[off.Length / 2]) / (2 * Math.Log(2))), LeastSloppiness, MostSloppiness);
    }

    /// <summary>How sure all unknowns are, taken together.</summary>
    public Matrix<double> Covariance() => Gathered().Covariance();

    private void Take(double[] step, double share)
    {
        var part = step.Select(s => share * s).ToArray();
        amounts = [.. amounts.Select((a, k) => a + part[k])];
        cameras = [.. cameras.Select((c, k) => c.Moved(part.AsSpan(forms.Count + CameraUnknown.Count * k, CameraUnknown.Count)))];
        foreach (var thing in held)
        {
            thing.Take(part.AsSpan(thing.From, HeldUnknown.Count));
        }
    }

    private NormalEquations Gathered()
    {
        var sums = new NormalEquations(unknowns);
        for (var k = 0; k < amounts.Length; k++)
        {
            sums.Add(k, -amounts[k], 1);
        }

        for (var k = 0; k < cameras.Length; k++)
        {
            cameras[k].AddPrior(sums, forms.Count + CameraUnknown.Count * k);
            if (photos[k].IrisPx is { } iris && photos[k].Held is null)
            {
                AddIris(sums, k, iris);
            }
        }

        foreach (var (_, form, at, seen) in observed)
        {
            if (Block(form, at, seen) is { } block)
            {
                block.AddTo(sums);
            }
        }

        foreach (var thing in held)
        {
            thing.AddTo(sums, cameras[thing.Photo], forms.Count + CameraUnknown.Count * thing.Photo, amounts);
        }

        return sums;
    }

    /// <summary>How far the surest word on a place may be trusted; null where no photo has it.</summary>
    public double? Surest(string name) => photos.SelectMany(p => p.Points).Where(p => p.Place == name).Select(p => (double?)p.Sure).DefaultIfEmpty(null).Max();

    /// <summary>What the photos say of one place; null where none sees it.</summary>
    public PlaceBlock? BlockOf(string name)
    {
        var found = observed.FindIndex(o => o.Name == name);
        return found < 0 ? null : Block(observed[found].Form, observed[found].At, observed[found].Seen);
    }

    private PlaceBlock? Block(FormPlace form, SkinPoint skin, List<PlaceSeen> seen)
    {
        var at = form.At(amounts);
        var normal = ReferenceSkin.Skin.Normal(skin);
        var rows = new List<PlaceRow>();
        foreach (var one in seen)
        {
            var unknown = cameras[one.Photo];
            var facing = unknown.Camera.Facing(at, normal);
            if (facing <= LeastFacing)
            {
                continue;
            }

            var (x, y, byCamera, xByPlace, yByPlace) = unknown.Draw(at);
            var spreadPx = sloppiness[one.Photo] * one.SpreadMm * unknown.Camera.PixelsPerMm(at) / Math.Clamp(facing / SquareOn, LeastShare, 1);
            rows.Add(new(one.Photo, one.X - x, one.Y - y, byCamera, xByPlace, yByPlace, spreadPx));
        }

        return rows.Count == 0 ? null : PlaceBlock.Of(form, forms.Count, rows, Freedom);
    }

    private void AddIris(NormalEquations sums, int photo, double irisPx)
    {
        var camera = cameras[photo];
        var eye = Form("endocanthion_left");
        var (away, byTurn, byPlace) = camera.Away(eye.At(amounts));
        var px = camera.Camera.Lens.FocalPx * IrisMm / away;
        var from = forms.Count + CameraUnknown.Count * photo;
        int[] at = [.. Enumerable.Range(0, forms.Count), .. Enumerable.Range(from, CameraUnknown.Count)];
        double[] slope = [.. eye.Moves.Select(m => -px / away * m.Dot(byPlace)), -px / away * byTurn.X, -px / away * byTurn.Y, -px / away * byTurn.Z, 0, 0, -px / away, px, 0];
        var spread = px * IrisSpreadMm / IrisMm;
        sums.Add(at, slope, irisPx - px, 1 / (spread * spread));
    }
}
