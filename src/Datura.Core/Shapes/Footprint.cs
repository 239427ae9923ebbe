using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes;

/// <summary>
/// The ground that some marks cover, in cells of the lattice. Overlap, zones and what lies under a place need no more than
/// its 1.5 mm, and polygon unions for the same answers took most of a plan's time (measured).
/// </summary>
public sealed class Footprint
{
    private readonly int left;
    private readonly int bottom;
    private readonly int width;
    private readonly int height;
    private readonly bool[] covered;

    private Footprint(int left, int bottom, int width, int height)
    {
        (this.left, this.bottom, this.width, this.height) = (left, bottom, width, height);
        covered = new bool[width * height];
    }

    // Nearer to the middle than a fingertip is wide a hand comes from either side (by judgement).
    private const double BesideMm = 8;

    public double AreaMm2 { get; private set; }

    /// <summary>Whether it reaches to the wearer's left of the middle.</summary>
    public bool OnLeft { get; private set; }

    /// <summary>Whether it reaches to the wearer's right of the middle.</summary>
    public bool OnRight { get; private set; }

    /// <summary>A place well inside: of the largest figure, or the middle of the longest line.</summary>
    public ChartPoint Inside { get; private set; }

    public static Footprint Of(IReadOnlyList<Mark> marks)
    {
        var box = new Envelope();
        foreach (var mark in marks)
        {
            var reach = mark.Box();
            reach.ExpandBy(mark switch { StrokeMark s => s.WidthsMm.Max() / 2, DotMark d => d.DiameterMm / 2, _ => 0 } + Lattice.CellMm);
            box.ExpandToInclude(reach);
        }

        if (box.IsNull)
        {
            return new(0, 0, 0, 0);
        }

        var (left, bottom) = (Lattice.Column(box.MinX), Lattice.Row(box.MinY));
        var result = new Footprint(left, bottom, Lattice.Column(box.MaxX) - left + 1, Lattice.Row(box.MaxY) - bottom + 1);
        foreach (var mark in marks)
        {
            result.Lay(mark);
        }

        (result.OnLeft, result.OnRight) = (box.MaxX - Lattice.CellMm > BesideMm, box.MinX + Lattice.CellMm < -BesideMm);
        result.Inside = InsideOf(marks);
        result.AreaMm2 = result.covered.Count(c => c) * Lattice.CellMm * Lattice.CellMm;
        return result;
    }

    public bool Covers(ChartPoint at) => Has(Lattice.Row(at.YMm), Lattice.Column(at.XMm));

    public bool Overlaps(Footprint other) => SharedCells(other, 1) > 0;

    /// <summary>Ground that both cover.</summary>
    public double SharedMm2(Footprint other) => SharedCells(other, int.MaxValue) * Lattice.CellMm * Lattice.CellMm;

    /// <summary>Some place that both cover.</summary>
    public ChartPoint? SharedPlace(Footprint other)
    {
        foreach (var (row, column) in Cells())
        {
            if (other.Has(row, column))
            {
                return Lattice.Middle(row, column);
            }
        }

        return null;
    }

    /// <summary>Every covered cell.</summary>
    public IEnumerable<(int Row, int Column)> Cells()
    {
        for (var n = 0; n < covered.Length; n++)
        {
            if (covered[n])
            {
                yield return (bottom + n / width, left + n % width);
            }
        }
    }

    private int SharedCells(Footprint other, int enough)
    {
        int fromRow = Math.Max(bottom, other.bottom), toRow = Math.Min(bottom + height, other.bottom + other.height);
        int fromColumn = Math.Max(left, other.left), toColumn = Math.Min(left + width, other.left + other.width);
        var count = 0;
        for (var row = fromRow; row < toRow; row++)
        {
            for (var column = fromColumn; column < toColumn; column++)
            {
                if (covered[(row - bottom) * width + column - left] && other.covered[(row - other.bottom) * other.width + column - other.left] && ++count >= enough)
                {
                    return count;
                }
            }
        }

        return count;
    }

    private bool Has(int row, int column) => row >= bottom && row < bottom + height && column >= left && column < left + width
        && covered[(row - bottom) * width + column - left];

    private void Lay(Mark mark)
    {
        switch (mark)
        {
            case RegionMark r:
                Fill(ScanLines.Of(r.Outline, FirstY, Lattice.CellMm, height), r.Box());
                break;
            case StrokeMark s when s.Path.Count > 4 && s.Path[0] == s.Path[^1]:
                // A closed line stands for the figure it encloses; whatever overlaps the one overlaps the other.
                Fill(ScanLines.Of([[.. s.Path.Select(p => new Coordinate(p.XMm, p.YMm))]], FirstY, Lattice.CellMm, height), s.Box());
                break;
            case StrokeMark s:
                for (var k = 1; k < s.Path.Count; k++)
                {
                    Line(s.Path[k - 1], s.Path[k], (s.WidthsMm[k - 1] + s.WidthsMm[k]) / 4);
                }

                break;
            case DotMark d:
                Line(d.At, d.At, d.DiameterMm / 2);
                break;
        }
    }

    private double FirstY => Lattice.Middle(bottom, 0).YMm;

    private void Fill(IReadOnlyList<(double Y, double From, double To)> spans, Envelope box)
    {
        if (box.IsNull)
        {
            return;
        }

        var first = FirstY;
        foreach (var (y, from, to) in spans)
        {
            var row = (int)Math.Round((y - first) / Lattice.CellMm);
            int start = Math.Max(left, Lattice.Column(from)), end = Math.Min(left + width - 1, Lattice.Column(to));
            if (row >= 0 && row < height && start <= end)
            {
                covered.AsSpan(row * width + start - left, end - start + 1).Fill(true);
            }
        }

        // What falls between two lines still covers a cell.
        if (box.Height < 2 * Lattice.CellMm)
        {
            Set(Lattice.Row(box.Centre.Y), Lattice.Column(box.Centre.X));
        }
    }

    private void Line(ChartPoint a, ChartPoint b, double halfMm)
    {
        // Discs this far apart leave scallops of a tenth of a cell at most.
        var reach = (int)Math.Round(halfMm / Lattice.CellMm);
        var steps = Math.Max(1, (int)Math.Ceiling((b - a).Length() / (Math.Max(0.5, Math.Sqrt(0.8 * reach)) * Lattice.CellMm)));
        for (var s = 0; s <= steps; s++)
        {
            var p = a + (double)s / steps * (b - a);
            var (row, column) = (Lattice.Row(p.YMm), Lattice.Column(p.XMm));
            for (var j = -reach; j <= reach; j++)
            {
                for (var i = -reach; i <= reach; i++)
                {
                    if (i * i + j * j <= reach * reach)
                    {
                        Set(row + j, column + i);
                    }
                }
            }
        }
    }

    private void Set(int row, int column)
    {
        if (row >= bottom && row < bottom + height && column >= left && column < left + width)
        {
            covered[(row - bottom) * width + column - left] = true;
        }
    }

    // Of figures that touch in cells but not in truth, the place must lie in one of them.
    private static ChartPoint InsideOf(IReadOnlyList<Mark> marks)
    {
        if (marks.OfType<RegionMark>().Where(r => !r.Outline.IsEmpty).MaxBy(r => r.Outline.Area) is { } widest)
        {
            var at = widest.Outline.InteriorPoint;
            return new(at.X, at.Y);
        }

        return marks.OfType<StrokeMark>().MaxBy(s => s.Path.Count) is { } longest ? longest.Path[longest.Path.Count / 2]
            : marks.OfType<DotMark>().MaxBy(d => d.DiameterMm)?.At ?? default;
    }
}
