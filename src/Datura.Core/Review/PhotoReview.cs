using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Review;

/// <summary>A finished face looked over from photos: plan against photo, and left against right. See docs/photo.md.</summary>
public sealed record PhotoReview(IReadOnlyList<ReviewedFigure> Figures, IReadOnlyList<ReviewFinding> Findings, bool WhiteKnown)
{
    private const int LeastLines = 3;
    private const int LeastSpots = 3;

    // What all figures of a photo share is taken for the photo's own error, in so far as it is this small (by judgement).
    private const double SharedMm = 1.2;
    private const double SharedSlope = 0.015;

    // So many times larger where nobody has looked at the points.
    private const double Unchecked = 2.5;
    private const int LeastForShared = 4;
    private const double SharedScaleMm = 0.8;

    // The light on a face is found no better than so, ΔE00 (checked by simulated photos).
    private const double LightDeltaE = 1.6;

    private const double TellsApart = 8;

    /// <param name="places">Where colours were asked for in each photo.</param>
    /// <exception cref="InputException">An answer does not go with what was asked.</exception>
    public static PhotoReview Of(PlannedLook look, IReadOnlyList<ReviewFigure> figures, IReadOnlyList<ReviewPlaces> places, IReadOnlyList<ReviewedPhoto> photos)
    {
        var words = new Dictionary<ReviewFigure, List<FigureFit.Word>>();
        var (widths, sought) = (new Dictionary<ReviewFigure, List<double>>(), new Dictionary<ReviewFigure, int>());
        var colours = new Dictionary<ReviewFigure, List<SpotColour>>();
        for (var k = 0; k < photos.Count; k++)
        {
            if (photos[k].Colours.Length != places[k].Px.Count / 2 * 3)
            {
                throw new InputException($"photos[{k}].colours", ProblemCode.ReviewColours, ("photo", k + 1));
            }

            Edges(places[k], photos[k], words, widths, sought);
            Colours(look, places[k], photos[k], colours);
        }

        var common = photos.All(p => p.Photo.IsChecked) ? FigureFit.CommonMm : FigureFit.UncheckedMm;
        IReadOnlyList<ReviewedFigure> reviewed =
        [
            .. figures.Select(f => new ReviewedFigure(
                f,
                f.IsBase || !words.TryGetValue(f, out var own) || own.Count < LeastLines ? null : FigureFit.Of(f.Middle, f.RadiusMm, own, common),
                colours.TryGetValue(f, out var spots) && spots.Count >= LeastSpots ? ColourOf(spots) : null,
                widths.TryGetValue(f, out var all) && all.Count >= LeastLines ? all.Order().ElementAt(all.Count / 2) : null,
                PlannedWidth(f),
                sought.TryGetValue(f, out var count) && count >= LeastLines ? (words.GetValueOrDefault(f)?.Count ?? 0) / (double)count : null)),
        ];
        return new(reviewed, ReviewFindings.Of(look, reviewed), photos.Any(p => p.White is not null));
    }

    private static (double R, double G, double B) Colour(byte[] colours, int at) =>
        (Srgb.LinearOf(colours[3 * at]), Srgb.LinearOf(colours[3 * at + 1]), Srgb.LinearOf(colours[3 * at + 2]));

    private static void Edges(ReviewPlaces places, ReviewedPhoto photo, Dictionary<ReviewFigure, List<FigureFit.Word>> words, Dictionary<ReviewFigure, List<double>> widths, Dictionary<ReviewFigure, int> sought)
    {
        var found = new List<(ReviewFigure Figure, FigureFit.Word Word)>();
        var asked = places.Lines.GroupBy(l => l.Figure).AsParallel().AsOrdered().Select(f => (f.Key, Answer: FigureFit.Words(f.Key, [.. f.Select(l => Seen(l.Line, l.From))])));
        foreach (var (figure, (said, count)) in asked)
        {
            sought[figure] = sought.GetValueOrDefault(figure) + count;
            foreach (var (word, width) in said)
            {
                found.Add((figure, word));
                if (double.IsFinite(width))
                {
                    (widths.TryGetValue(figure, out var all) ? all : widths[figure] = []).Add(width);
                }
            }
        }

        FigureSearch.Seen Seen(ReviewLine line, int from) => new(
            line, [.. Enumerable.Range(from, ReviewLine.Samples).Select(at => places.Px[2 * at] < 0 ? (double.NaN, double.NaN, double.NaN) : LookFilms.Log(Colour(photo.Colours, at)))]);

        var shared = Shared(found, photo.Photo.IsChecked ? 1 : Unchecked);
        foreach (var (figure, word) in found)
        {
            (words.TryGetValue(figure, out var all) ? all : words[figure] = []).Add(word with { OffMm = word.OffMm - Across(word.Out, shared(word.At)) });
        }
    }

    // Every figure's own shift, and what they share: an affine field that few wrong ones do not bend.
    private static Func<ChartPoint, ChartPoint> Shared(List<(ReviewFigure Figure, FigureFit.Word Word)> found, double times)
    {
        var single = found.Where(f => !f.Figure.IsBase).GroupBy(f => f.Figure).Where(g => g.Count() >= LeastLines)
            .Select(g => (g.Key.Middle, Fit: FigureFit.Of(g.Key.Middle, g.Key.RadiusMm, [.. g.Select(w => w.Word)]))).ToArray();
        if (single.Length < LeastForShared)
        {
            return _ => default;
        }

        double[] spreads = [times * SharedMm, times * SharedSlope, times * SharedSlope];
        var fields = new Vector<double>[2];
        var trust = single.Select(_ => 1.0).ToArray();
        for (var round = 0; round < 20; round++)
        {
            for (var c = 0; c < 2; c++)
            {
                var squares = Matrix<double>.Build.DenseDiagonal(3, 3, k => 1 / (spreads[k] * spreads[k]));
                var right = Vector<double>.Build.Dense(3);
                for (var k = 0; k < single.Length; k++)
                {
                    var row = Row(single[k].Middle);
                    var sd = c == 0 ? single[k].Fit.SdOutMm : single[k].Fit.SdUpMm;
                    var by = trust[k] / (sd * sd);
                    squares += by * row.OuterProduct(row);
                    right += by * (c == 0 ? single[k].Fit.OutMm : single[k].Fit.UpMm) * row;
                }

                fields[c] = squares.Solve(right);
            }

            for (var k = 0; k < single.Length; k++)
            {
                var row = Row(single[k].Middle);
                var (dx, dy) = (single[k].Fit.OutMm - row * fields[0], single[k].Fit.UpMm - row * fields[1]);
                trust[k] = 1 / (1 + (dx * dx + dy * dy) / (SharedScaleMm * SharedScaleMm));
            }
        }

        return at => new(Row(at) * fields[0], Row(at) * fields[1]);

        static Vector<double> Row(ChartPoint at) => Vector<double>.Build.DenseOfArray([1, at.XMm, at.YMm]);
    }

    private static double Across(ChartPoint outwards, ChartPoint shift) => outwards.XMm * shift.XMm + outwards.YMm * shift.YMm;

    private sealed record SpotColour(Lab Planned, Lab Beneath, Lab Seen);

    private static void Colours(PlannedLook look, ReviewPlaces places, ReviewedPhoto photo, Dictionary<ReviewFigure, List<SpotColour>> colours)
    {
        var white = photo.White is { Count: 3 } w ? (Srgb.LinearOf(w[0]), Srgb.LinearOf(w[1]), Srgb.LinearOf(w[2])) : default((double, double, double)?);
        var numbers = places.Spots.Select(s => s.Figure).Distinct().Select((f, k) => (f, k)).ToDictionary(f => f.f, f => f.k);
        var seen = places.Spots.Select(s =>
        {
            var skin = look.Body.Chart.ToSkin(s.Spot.At);
            return (s.Figure, s.Spot, Known: new LightFit.Known(numbers[s.Figure], s.Spot.Planned, Colour(photo.Colours, s.From), look.Body.Skin.Normal(skin)));
        }).ToArray();
        if (seen.Length < 12)
        {
            return;
        }

        var light = LightFit.Of([.. seen.Select(s => s.Known)], white);
        foreach (var (figure, spot, known) in seen)
        {
            (colours.TryGetValue(figure, out var all) ? all : colours[figure] = []).Add(new(OfLinear(spot.Planned), OfLinear(spot.Beneath), OfLinear(light.Taken(known.Seen, known.Normal))));
        }
    }

    private static Lab OfLinear((double R, double G, double B) c) => Lab.From(Srgb.ToTristimulus(Math.Max(0, c.R), Math.Max(0, c.G), Math.Max(0, c.B)));

    private static FigureColour ColourOf(List<SpotColour> spots)
    {
        var (planned, seen) = (Middle(spots.Select(s => s.Planned)), Middle(spots.Select(s => s.Seen)));
        var off = spots.Select(s => ColourDifference.DeltaE00(s.Seen, new(s.Planned.L + seen.L - planned.L, s.Planned.A + seen.A - planned.A, s.Planned.B + seen.B - planned.B))).Order().ToArray();
        var uneven = off[off.Length / 2];
        var present = spots.Select(Present).Where(p => p is not null).Select(p => p!.Value).Order().ToArray();
        var delta = ColourDifference.DeltaE00(planned, seen);
        return new(
            planned, seen, delta, Math.Sqrt(LightDeltaE * LightDeltaE + 2 * uneven * uneven / spots.Count), seen.L - planned.L, uneven,
            present.Length == 0 ? 0 : present.Count(p => p < 0.35) / (double)present.Length, present.Length >= LeastSpots ? present[present.Length / 2] : null, spots.Count);
    }

    private static double? Present(SpotColour spot)
    {
        Vec3 V(Lab c) => new(c.L, c.A, c.B);
        var way = V(spot.Planned) - V(spot.Beneath);
        return way.Length < TellsApart ? null : (V(spot.Seen) - V(spot.Beneath)).Dot(way) / way.Dot(way);
    }

    private static Lab Middle(IEnumerable<Lab> colours)
    {
        var all = colours.ToArray();
        double Of(Func<Lab, double> c) => all.Select(c).Order().ElementAt(all.Length / 2);
        return new(Of(c => c.L), Of(c => c.A), Of(c => c.B));
    }

    private static double? PlannedWidth(ReviewFigure figure) =>
        figure.Lines.Select(EdgeMatch.PlannedWidth).Where(double.IsFinite).Order().ToArray() is { Length: >= LeastLines } w ? w[w.Length / 2] : null;
}
