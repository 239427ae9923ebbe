using Datura.Core.Body;
using Datura.Core.Paint;
using NetTopologySuite.Geometries;

namespace Datura.Core.Form;

/// <summary>One tone of a banded map.</summary>
/// <param name="Number">1 is the lightest; the base has the number of its place.</param>
/// <param name="Change">L* against the base, negative for a shade.</param>
/// <param name="Outline">Where it is painted; deeper shades lie within lighter ones, brighter lights within softer ones.</param>
public sealed record Tone(int Number, double Change, Geometry Outline)
{
    public bool IsLight => Change > 0;
}

/// <summary>A tone map in the few steps that a hand can paint.</summary>
/// <param name="Tones">The shades and lights; the base itself is not painted.</param>
/// <param name="BaseNumber">Number of the base tone.</param>
/// <param name="Painted">Change of L* per cell once they are painted.</param>
public sealed record ToneBands(IReadOnlyList<Tone> Tones, int BaseNumber, float[] Painted)
{
    /// <summary>No island smaller than a sponge's corner (common practice).</summary>
    public const double SmallestMm = 4;

    // Weaker than this no eye tells it from the base.
    private const double WeakestStep = 2.5;

    // The strongest tone stands for what this share of the shades or lights reaches.
    private const double StrongestShare = 0.93;

    private const double SmoothMm = 2.2;

    /// <param name="tones">Three to five, the base among them.</param>
    public static ToneBands Of(ToneMap map, int tones)
    {
        var grid = map.Grid;
        var count = Math.Clamp(tones, 3, 5);
        var (shades, lights) = (count == 3 ? 1 : 2, count == 5 ? 2 : 1);
        var change = Averages.Box(map.Change, grid.Width, grid.Height, (int)Math.Round(SmoothMm / grid.CellMm), passes: 2);
        var painted = new float[change.Length];
        var asked = new[] { (Sign: 1, Steps: lights), (Sign: -1, Steps: shades) }
            .Select(s => (s.Sign, s.Steps, Strongest: Strongest(change, map.On, s.Sign))).Where(s => s.Strongest >= WeakestStep)
            .SelectMany(s => Enumerable.Range(1, s.Steps).Select(k => (s.Sign, s.Steps, Step: k, Change: s.Strongest * k / s.Steps, From: s.Strongest * (k - 0.5) / s.Steps))).ToArray();
        var drawn = asked.AsParallel().AsOrdered().Select(a =>
        {
            var cells = Opened(Cells(change, map.On, a.Sign, a.From), grid);
            return (Asked: a, Cells: cells, Outline: Isolines.Figure(cells, grid));
        }).Where(d => !d.Outline.IsEmpty).ToArray();
        // The stronger tones come last and lie over the weaker.
        foreach (var (a, cells, _) in drawn)
        {
            for (var n = 0; n < painted.Length; n++)
            {
                painted[n] = cells[n] >= 0.5f ? (float)(a.Sign * a.Change) : painted[n];
            }
        }

        return new(
            [.. drawn.Select(d => new Tone(d.Asked.Sign > 0 ? lights - d.Asked.Step + 1 : lights + 1 + d.Asked.Step, d.Asked.Sign * d.Asked.Change, d.Outline)).OrderBy(t => t.Number)],
            lights + 1, painted);
    }

    private static double Strongest(float[] change, bool[] on, int sign)
    {
        var reached = new List<float>();
        for (var n = 0; n < change.Length; n += 5)
        {
            if (on[n] && sign * change[n] > WeakestStep / 2)
            {
                reached.Add(sign * change[n]);
            }
        }

        reached.Sort();
        return reached.Count == 0 ? 0 : reached[(int)(StrongestShare * (reached.Count - 1))];
    }

    private static bool[] Cells(float[] change, bool[] on, int sign, double from)
    {
        var cells = new bool[change.Length];
        for (var n = 0; n < cells.Length; n++)
        {
            cells[n] = on[n] && sign * change[n] >= from;
        }

        return cells;
    }

    // Shrunk and grown again by half the smallest width: islands and necks that no sponge can follow go. Then smoothed.
    private static float[] Opened(bool[] cells, FormGrid grid)
    {
        var radius = SmallestMm / 2 / grid.CellMm;
        var core = Distances.ToOutside(cells, grid.Width, grid.Height);
        var deep = new bool[cells.Length];
        for (var n = 0; n < cells.Length; n++)
        {
            deep[n] = core[n] > radius;
        }

        var away = Distances.ToOutside(Array.ConvertAll(deep, d => !d), grid.Width, grid.Height);
        var grown = new float[cells.Length];
        for (var n = 0; n < cells.Length; n++)
        {
            grown[n] = deep[n] || away[n] <= radius ? 1 : 0;
        }

        return Averages.Box(grown, grid.Width, grid.Height, Math.Max(1, (int)Math.Round(1.4 / grid.CellMm)), passes: 2);
    }
}
