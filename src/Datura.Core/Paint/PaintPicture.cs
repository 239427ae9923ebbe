using Datura.Core.Shapes;

namespace Datura.Core.Paint;

/// <summary>One paint or mix laid over the marks of one coat.</summary>
public sealed record LaidCoat(IReadOnlyList<Mark> Marks, PaintOptics Paint, double ThicknessUm);

/// <summary>
/// The colour of every pixel of the chart while coats go on. Film shares are rounded to 32 levels, so that a picture of a
/// million pixels needs only as many film computations as there are different stacks in it (measured: see ./bench).
/// </summary>
public sealed class PaintPicture
{
    public const int Levels = 32;

    private readonly int[] stackOf;
    private readonly List<double[]> stacks = [];
    private readonly List<Srgb> colours = [];
    private readonly List<(int Under, int Coat, int Level)> layers = [];
    private readonly SeenUnder? light;
    private int coats;

    /// <param name="skin">Tone of the bare skin.</param>
    /// <param name="window">Which square of the chart, at what resolution.</param>
    /// <param name="light">The light it is seen under; daylight when none is given.</param>
    public PaintPicture(Lab skin, ChartWindow window, SeenUnder? light = null)
    {
        this.light = light;
        layers.Add((-1, -1, 0));
        Window = window;
        stackOf = new int[window.Pixels * window.Pixels];
        stacks.Add([.. PaintStack.OnSkin(skin).Inside]);
    }

    public ChartWindow Window { get; }

    /// <summary>Different stacks of films in the picture so far.</summary>
    public int StackCount => stacks.Count;

    public void Lay(LaidCoat coat)
    {
        var map = CoverageMap.Of(coat.Marks, Window);
        var films = Films(coat);
        var next = new int[stacks.Count * Levels];
        for (var y = 0; y < map.Height; y++)
        {
            var row = (map.Top + y) * Window.Pixels + map.Left;
            for (var x = 0; x < map.Width; x++)
            {
                var level = (int)(map.Share[y * map.Width + x] * (Levels - 1) + 0.5f);
                if (level == 0)
                {
                    continue;
                }

                ref var stack = ref stackOf[row + x];
                ref var known = ref next[stack * Levels + level];
                if (known == 0)
                {
                    known = stacks.Count;
                    stacks.Add(Over(films[level], stacks[stack]));
                    layers.Add((stack, coats, level));
                }

                stack = known;
            }
        }

        coats++;
    }

    /// <summary>A core of the paint at a place, from the skin up: which coat, how much of its film, and the reflectance seen after it.</summary>
    /// <returns>The bare skin first, with coat −1.</returns>
    public IReadOnlyList<(int Coat, double FilmShare, double[] Seen)> CoreAt(double xMm, double yMm)
    {
        int column = (int)Math.Floor(Window.ColumnOf(xMm)), row = (int)Math.Floor(Window.RowOf(yMm));
        var stack = column < 0 || row < 0 || column >= Window.Pixels || row >= Window.Pixels ? 0 : stackOf[row * Window.Pixels + column];
        var core = new List<(int, double, double[])>();
        for (; stack >= 0; stack = layers[stack].Under)
        {
            core.Add((layers[stack].Coat, layers[stack].Level / (double)(Levels - 1), [.. stacks[stack].Select(SurfaceReflection.SeenWithoutGloss)]));
        }

        core.Reverse();
        return core;
    }

    /// <summary>Colour at a chart place, mm; bare skin beyond the window.</summary>
    public Srgb At(double xMm, double yMm)
    {
        Settle();
        int column = (int)Math.Floor(Window.ColumnOf(xMm)), row = (int)Math.Floor(Window.RowOf(yMm));
        return column < 0 || row < 0 || column >= Window.Pixels || row >= Window.Pixels
            ? colours[0]
            : colours[stackOf[row * Window.Pixels + column]];
    }

    /// <summary>All pixels, row by row from the top, four bytes each (R, G, B, 255).</summary>
    public byte[] Rgba()
    {
        Settle();
        var result = new byte[stackOf.Length * 4];
        for (var n = 0; n < stackOf.Length; n++)
        {
            var c = colours[stackOf[n]];
            (result[4 * n], result[4 * n + 1], result[4 * n + 2], result[4 * n + 3]) = (c.R, c.G, c.B, 255);
        }

        return result;
    }

    /// <summary>
    /// How far the base at every pixel is from hiding: ΔE00 between what is seen after its topmost base coat and that paint when
    /// nothing shows through. Pixels without a base have none.
    /// </summary>
    /// <param name="opaque">Opaque colour of each coat that is a base, by its place in the order of work.</param>
    public float?[] BaseShows(IReadOnlyDictionary<int, Lab> opaque)
    {
        var ofStack = new float?[stacks.Count];
        Parallel.For(0, stacks.Count, n =>
        {
            var layer = n;
            while (layer >= 0 && !opaque.ContainsKey(layers[layer].Coat))
            {
                layer = layers[layer].Under;
            }

            if (layer >= 0)
            {
                double[] seen = [.. stacks[layer].Select(SurfaceReflection.SeenWithoutGloss)];
                ofStack[n] = (float)ColourDifference.DeltaE00(Lab.From(Observer.Look(seen, Observer.D65)), opaque[layers[layer].Coat]);
            }
        });
        return [.. stackOf.Select(s => ofStack[s])];
    }

    private void Settle()
    {
        if (colours.Count == stacks.Count)
        {
            return;
        }

        var from = colours.Count;
        var added = new Srgb[stacks.Count - from];
        Parallel.For(0, added.Length, k => added[k] = Seen(stacks[from + k], light));
        colours.AddRange(added);
    }

    private static Srgb Seen(double[] inside, SeenUnder? light)
    {
        Span<double> seen = stackalloc double[Spectrum.Bands];
        for (var b = 0; b < Spectrum.Bands; b++)
        {
            seen[b] = SurfaceReflection.SeenWithoutGloss(inside[b]);
        }

        return light is null ? Srgb.From(Observer.Look(seen, Observer.D65)) : light.Shown(seen);
    }

    private static (double R, double T)[][] Films(LaidCoat coat) => [.. Enumerable.Range(0, Levels).Select(level =>
        Enumerable.Range(0, Spectrum.Bands).Select(b =>
            Film.Layer(coat.Paint.K[b], coat.Paint.S[b], coat.ThicknessUm * level / (Levels - 1))).ToArray())];

    private static double[] Over((double R, double T)[] film, double[] ground)
    {
        var result = new double[Spectrum.Bands];
        for (var b = 0; b < Spectrum.Bands; b++)
        {
            result[b] = Film.Over(film[b], ground[b]);
        }

        return result;
    }
}
