namespace Datura.Core.Drills;

/// <summary>How a painted card differs from what it should be.</summary>
/// <param name="PlaceMm">Mean distance of the strokes from their places.</param>
/// <param name="ShapeMm">The same once each stroke is shifted to where it fits best: what the hand does, not where it began.</param>
/// <param name="WidthPercent">How much wider the strokes are than they should be; below 0 narrower.</param>
/// <param name="UnevenPercent">How much the width goes to and fro along the strokes, and from stroke to stroke, as a standard deviation.</param>
/// <param name="SymmetryMm">Mean distance of a stroke from the mirror of its fellow, each fitted to the other; null where none has one.</param>
/// <param name="Missing">Strokes that were not made.</param>
public sealed record DrillScore(double PlaceMm, double ShapeMm, double WidthPercent, double UnevenPercent, double? SymmetryMm, int Missing)
{
    /// <summary>How much of the strokes is filled between their edges.</summary>
    public double CoveredPercent { get; init; } = 100;

    /// <summary>How much the colour goes to and fro inside what is broad; null where nothing is.</summary>
    public double? TonePercent { get; init; }

    private const int Points = 33;

    // Narrower than so, a percentage of the width says nothing.
    private const double LeastWidthMm = 0.5;

    // What a practised hand does, and below which nothing is told from the measuring (by judgement).
    private const double GoodShapeMm = 0.8;
    private const double GoodUnevenPercent = 10;
    private const double GoodSymmetryMm = 1;
    private const double GoodBarePercent = 4;
    private const double GoodTonePercent = 12;

    /// <summary>From 0 to 1, where 1 is as a practised hand does it.</summary>
    public double Quality
    {
        get
        {
            double?[] all =
            [
                Of(GoodShapeMm, ShapeMm), Of(GoodUnevenPercent, UnevenPercent), Of(GoodBarePercent, 100 - CoveredPercent),
                SymmetryMm is { } s ? Of(GoodSymmetryMm, s) : null, TonePercent is { } tone ? Of(GoodTonePercent, tone) : null,
            ];
            return all.Average()!.Value / (1 + Missing);
        }
    }

    /// <summary>As it is kept.</summary>
    public static DrillScore Of(DrillTry tried) =>
        new(tried.PlaceMm, tried.ShapeMm, tried.WidthPercent, tried.UnevenPercent, tried.SymmetryMm, tried.Missing) { CoveredPercent = tried.CoveredPercent, TonePercent = tried.TonePercent };

    /// <param name="seen">As it was made, by stroke of the card; null for one that was not made.</param>
    /// <returns>Null where nothing was made.</returns>
    public static DrillScore? Of(IReadOnlyList<DrillStroke> card, IReadOnlyList<DrillStroke?> seen)
    {
        if (card.Count != seen.Count || seen.Any(s => s is not null && !IsSound(s)))
        {
            throw new InputException("strokes", ProblemCode.DrillStrokes, ("strokes", card.Count));
        }

        var made = Enumerable.Range(0, card.Count).Where(k => seen[k] is not null).Select(k => (Number: k, Wanted: card[k].Evenly(Points), Seen: Turned(card[k].Evenly(Points), seen[k]!.Evenly(Points)))).ToArray();
        if (made.Length == 0)
        {
            return null;
        }

        var ratios = made.SelectMany(m => m.Wanted.Zip(m.Seen, (w, s) => (Wanted: w.Width, Seen: s.Width))).Where(r => r.Wanted >= LeastWidthMm).Select(r => r.Seen / r.Wanted).ToArray();
        var mean = ratios.Length == 0 ? 1 : ratios.Average();
        return new(
            made.Average(m => Away(m.Wanted, m.Seen)), made.Average(m => Away(m.Wanted, Fitted(m.Wanted, m.Seen))), 100 * (mean - 1),
            ratios.Length < 2 || mean <= 0 ? 0 : 100 * Math.Sqrt(ratios.Average(r => (r - mean) * (r - mean))) / mean, Symmetry(card, made), card.Count - made.Length);
    }

    private static double? Symmetry(IReadOnlyList<DrillStroke> card, (int Number, (ChartPoint At, double Width)[] Wanted, (ChartPoint At, double Width)[] Seen)[] made)
    {
        var pairs = made.Where(m => card[m.Number].Mirrors is { } other && other > m.Number && made.Any(o => o.Number == other)).Select(m =>
        {
            var mirrored = made.First(o => o.Number == card[m.Number].Mirrors).Seen.Select(p => (p.At.Mirrored(), p.Width)).ToArray();
            return Away(m.Seen, Fitted(m.Seen, mirrored));
        }).ToArray();
        return pairs.Length == 0 ? null : pairs.Average();
    }

    private static double Of(double good, double value) => value <= good ? 1 : good / value;

    private static bool IsSound(DrillStroke stroke) => stroke.Path.Count is >= 2 and <= 10_000 && stroke.WidthsMm.Count == stroke.Path.Count
        && stroke.Path.All(p => Math.Abs(p.XMm) < 1e4 && Math.Abs(p.YMm) < 1e4) && stroke.WidthsMm.All(w => w is >= 0 and < 1e3);

    // A stroke that was made from its other end is the same stroke.
    private static (ChartPoint At, double Width)[] Turned((ChartPoint At, double Width)[] wanted, (ChartPoint At, double Width)[] seen)
    {
        var back = seen.Reverse().ToArray();
        return Away(wanted, back) < Away(wanted, seen) ? back : seen;
    }

    private static (ChartPoint At, double Width)[] Fitted((ChartPoint At, double Width)[] wanted, (ChartPoint At, double Width)[] seen)
    {
        var shift = new ChartPoint(wanted.Average(p => p.At.XMm) - seen.Average(p => p.At.XMm), wanted.Average(p => p.At.YMm) - seen.Average(p => p.At.YMm));
        return [.. seen.Select(p => (p.At + shift, p.Width))];
    }

    private static double Away((ChartPoint At, double Width)[] a, (ChartPoint At, double Width)[] b) => a.Zip(b, (p, q) => (p.At - q.At).Length()).Average();
}
