using Datura.Core.Paint;

namespace Datura.Core.Review;

/// <summary>Where a photo of a finished face is to be looked at: the figures of a look with lines across their outlines and spots inside.</summary>
public static class ReviewFigures
{
    // One pixel of the chart is a millimetre.
    private static readonly ChartWindow Window = new((int)ChartWindow.SideMm);

    private const int LinesPerFigure = 24;
    private const int MostLines = 500;
    private const double LineSpacingMm = 4;

    // Logarithmic channels inside and outside must differ by so much to be found on a photo (about a quarter in brightness).
    internal const double LeastContrast = 0.25;

    private const double InsideMm = 1.2;

    private const int SpotsPerFigure = 24;
    private const int SpotsOfBase = 120;
    private const int SkinSpots = 40;
    private const int SpotMarginPx = 2;
    private const double LeastRadiusMm = 3;

    /// <summary>The bare skin between what is painted.</summary>
    public const string BareSkin = "";

    public static IReadOnlyList<ReviewFigure> Of(PlannedLook look)
    {
        var paint = new PaintPicture(look.Skin, Window);
        paint.Lay(look.Coats.SelectMany(s => s));
        var seen = new PlannedColours(paint);
        var films = LookFilms.Of(paint);
        var figures = new List<ReviewFigure>();
        foreach (var part in look.InOrder.GroupBy(j => j.PartId))
        {
            foreach (var side in part.SelectMany(j => j.Marks.Select(m => m.Side)).Distinct())
            {
                var marks = part.SelectMany(j => j.Marks.Where(m => m.Side == side)).ToArray();
                if (Figure(look, seen, films, part.Key, part.First().PartLabel, side, marks, part.All(j => j.Role.Stage == Stage.Base)) is { } figure)
                {
                    figures.Add(figure);
                }
            }
        }

        var share = Math.Min(1, MostLines / (double)Math.Max(1, figures.Sum(f => f.Lines.Count)));
        var kept = figures.Select(f => f with { Lines = Every(f.Lines, (int)Math.Ceiling(share * f.Lines.Count)) }).ToList();
        kept.Add(Skin(look, seen));
        return kept;
    }

    private static ReviewFigure? Figure(PlannedLook look, PlannedColours seen, LookFilms films, string id, string label, Side side, Mark[] marks, bool isBase)
    {
        var map = CoverageMap.Of(marks, Window);
        var inside = new bool[Window.Pixels, Window.Pixels];
        var (sumX, sumY, count) = (0.0, 0.0, 0);
        for (var y = 0; y < map.Height; y++)
        {
            for (var x = 0; x < map.Width; x++)
            {
                if (map.Level[y * map.Width + x] >= CoverageMap.Levels / 2)
                {
                    inside[map.Top + y, map.Left + x] = true;
                    (sumX, sumY, count) = (sumX + Window.XOfColumn(map.Left + x + 0.5), sumY + Window.YOfRow(map.Top + y + 0.5), count + 1);
                }
            }
        }

        if (count < 12)
        {
            return null;
        }

        var middle = new ChartPoint(sumX / count, sumY / count);
        var own = look.InOrder.Select((j, k) => (j, k)).Where(j => j.j.PartId == id).Select(j => j.k).ToHashSet();
        // Only where the part itself is seen up to its outline does the outline tell of it.
        var lines = Outline(inside, map).Where(o => seen.TopCoat(o.At - InsideMm * o.Out) is { } top && own.Contains(top)).Select(o => Line(look, seen, o.At, o.Out)).OfType<ReviewLine>().ToList();
        var (spots, seenPx) = Spots(look, seen, inside, map, own, isBase ? SpotsOfBase : SpotsPerFigure);
        var radius = Math.Max(LeastRadiusMm, Math.Sqrt(count / Math.PI));
        return lines.Count < 3 && spots.Count < 3 ? null : new(id, label, side, isBase, middle, radius, Every(lines, LinesPerFigure), spots, seenPx / 100.0) { Films = new(films, own, Covered(map)) };
    }

    private static bool[] Covered(CoverageMap map)
    {
        var covered = new bool[Window.Pixels * Window.Pixels];
        for (var n = 0; n < map.Level.Length; n++)
        {
            covered[(map.Top + n / map.Width) * Window.Pixels + map.Left + n % map.Width] = map.Level[n] > 0;
        }

        return covered;
    }

    // Pixels at the outline, some way from each other, each with the way out of a softened figure.
    private static IEnumerable<(ChartPoint At, ChartPoint Out)> Outline(bool[,] inside, CoverageMap map)
    {
        var taken = new List<ChartPoint>();
        const int near = 3;
        for (var y = map.Top; y < map.Top + map.Height; y++)
        {
            for (var x = map.Left; x < map.Left + map.Width; x++)
            {
                if (!inside[y, x] || Is(inside, y - 1, x) && Is(inside, y + 1, x) && Is(inside, y, x - 1) && Is(inside, y, x + 1))
                {
                    continue;
                }

                var at = new ChartPoint(Window.XOfColumn(x + 0.5), Window.YOfRow(y + 0.5));
                if (taken.Exists(t => (t - at).Length() < LineSpacingMm))
                {
                    continue;
                }

                var (outX, outY) = (0.0, 0.0);
                for (var dy = -near; dy <= near; dy++)
                {
                    for (var dx = -near; dx <= near; dx++)
                    {
                        if (!Is(inside, y + dy, x + dx))
                        {
                            (outX, outY) = (outX + dx, outY - dy);
                        }
                    }
                }

                var length = Math.Sqrt(outX * outX + outY * outY);
                if (length > 1)
                {
                    taken.Add(at);
                    yield return (at, 1 / length * new ChartPoint(outX, outY));
                }
            }
        }
    }

    private static bool Is(bool[,] inside, int y, int x) => y >= 0 && x >= 0 && y < inside.GetLength(0) && x < inside.GetLength(1) && inside[y, x];

    private static ReviewLine? Line(PlannedLook look, PlannedColours seen, ChartPoint at, ChartPoint outwards)
    {
        var planned = Enumerable.Range(0, 4 * ReviewLine.PlannedReachMm + 1).Select(k => seen.At(at + (0.5 * k - ReviewLine.PlannedReachMm) * outwards)).ToArray();
        var line = new ReviewLine(at, outwards, planned, look.Body.ZoneAt(at));
        return EdgeMatch.Contrast(line) >= LeastContrast ? line : null;
    }

    private static (List<ReviewSpot> Spots, int SeenPx) Spots(PlannedLook look, PlannedColours seen, bool[,] inside, CoverageMap map, HashSet<int> own, int most)
    {
        var (all, count) = (new List<ReviewSpot>(), 0);
        for (var y = map.Top; y < map.Top + map.Height; y++)
        {
            for (var x = map.Left; x < map.Left + map.Width; x++)
            {
                if (!inside[y, x] || seen.TopCoat(x, y) is not { } top || !own.Contains(top))
                {
                    continue;
                }

                count++;
                if ((x % 3, y % 3) != (0, 0) || !seen.IsEven(x, y, SpotMarginPx))
                {
                    continue;
                }

                var at = new ChartPoint(Window.XOfColumn(x + 0.5), Window.YOfRow(y + 0.5));
                if (look.Body.ZoneAt(at) != Zone.Lid)
                {
                    all.Add(new(at, seen.At(at), seen.Without(at, own)));
                }
            }
        }

        return ([.. Every(all, most)], count);
    }

    private static ReviewFigure Skin(PlannedLook look, PlannedColours seen)
    {
        var spots = new List<ReviewSpot>();
        for (var y = -70.0; y < 70; y += 4)
        {
            for (var x = -60.0; x <= 60; x += 4)
            {
                var at = new ChartPoint(x, y);
                var (column, row) = ((int)Window.ColumnOf(x), (int)Window.RowOf(y));
                if (seen.TopCoat(column, row) is null && seen.IsEven(column, row, 3) && look.Body.ZoneAt(at) is not (Zone.Lid or Zone.Lips or Zone.Orbit))
                {
                    spots.Add(new(at, seen.At(at), seen.At(at)));
                }
            }
        }

        return new(BareSkin, "bare skin", Side.Middle, true, default, 60, [], Every(spots, SkinSpots), spots.Count * 0.16);
    }

    private static IReadOnlyList<T> Every<T>(IReadOnlyList<T> all, int most) => all.Count <= most ? all : [.. Enumerable.Range(0, most).Select(k => all[(int)((k + 0.5) * all.Count / most)])];
}
