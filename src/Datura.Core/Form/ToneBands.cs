namespace Datura.Core.Form;

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

    private sealed record Step(int Number, double Change, float[] Cells);

    /// <param name="tones">Three to five, the base among them.</param>
    public static ToneBands Of(ToneMap map, int tones)
    {
        var box = CellBox.Round(map.On, map.Grid.Width, map.Grid.Height, margin: 2);
        var drawn = Steps(map, tones, box).AsParallel().AsOrdered().Select(s => (Step: s, Outline: Isolines.Figure(s.Cells, box, map.Grid))).Where(d => !d.Outline.IsEmpty).ToArray();
        return new(
            [.. drawn.Select(d => new Tone(d.Step.Number, d.Step.Change, d.Outline)).OrderBy(t => t.Number)], Lights(tones) + 1,
            PaintedBy([.. drawn.Select(d => d.Step)], box, map.Grid));
    }

    /// <summary>Change of L* per cell without the outlines, for while a lamp is dragged.</summary>
    public static float[] PaintedOnly(ToneMap map, int tones)
    {
        var box = CellBox.Round(map.On, map.Grid.Width, map.Grid.Height, margin: 2);
        return PaintedBy(Steps(map, tones, box), box, map.Grid);
    }

    private static int Lights(int tones) => Math.Clamp(tones, 3, 5) == 5 ? 2 : 1;

    // Lights and shades, the weaker ones first.
    private static Step[] Steps(ToneMap map, int tones, CellBox box)
    {
        var grid = map.Grid;
        var (shades, lights) = (Math.Clamp(tones, 3, 5) == 3 ? 1 : 2, Lights(tones));
        var on = box.Cut(map.On, grid.Width);
        var change = BoxFilter.Box(box.Cut(map.Change, grid.Width), box.Width, box.Height, (int)Math.Round(SmoothMm / grid.CellMm), passes: 2);
        var asked = new[] { (Sign: 1, Steps: lights), (Sign: -1, Steps: shades) }
            .Select(s => (s.Sign, s.Steps, Strongest: Strongest(change, on, s.Sign))).Where(s => s.Strongest >= WeakestStep)
            .SelectMany(s => Enumerable.Range(1, s.Steps).Select(k =>
                (s.Sign, Number: s.Sign > 0 ? lights - k + 1 : lights + 1 + k, Change: s.Strongest * k / s.Steps, From: s.Strongest * (k - 0.5) / s.Steps)));
        return [.. asked.AsParallel().AsOrdered().Select(a => new Step(a.Number, a.Sign * a.Change, Opened(Cells(change, on, a.Sign, a.From), box, grid.CellMm)))];
    }

    // The stronger tones come last and lie over the weaker.
    private static float[] PaintedBy(Step[] steps, CellBox box, FormGrid grid)
    {
        var cut = new float[box.Width * box.Height];
        foreach (var step in steps)
        {
            for (var n = 0; n < cut.Length; n++)
            {
                cut[n] = step.Cells[n] >= 0.5f ? (float)step.Change : cut[n];
            }
        }

        var painted = new float[grid.Width * grid.Height];
        box.PutBack(cut, painted, grid.Width);
        return painted;
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
    private static float[] Opened(bool[] cells, CellBox box, double cellMm)
    {
        var radius = SmallestMm / 2 / cellMm;
        var core = DistanceTransform.ToOutside(cells, box.Width, box.Height);
        var deep = new bool[cells.Length];
        for (var n = 0; n < cells.Length; n++)
        {
            deep[n] = core[n] > radius;
        }

        var away = DistanceTransform.ToOutside(Array.ConvertAll(deep, d => !d), box.Width, box.Height);
        var grown = new float[cells.Length];
        for (var n = 0; n < cells.Length; n++)
        {
            grown[n] = deep[n] || away[n] <= radius ? 1 : 0;
        }

        return BoxFilter.Box(grown, box.Width, box.Height, Math.Max(1, (int)Math.Round(1.4 / cellMm)), passes: 2);
    }
}
