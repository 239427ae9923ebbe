using System.Runtime.InteropServices;
using Datura.Core.Paint.Unevenness;

namespace Datura.Core.Paint;

/// <summary>
/// The colour of every pixel of the chart while coats go on. Film shares are rounded to 32 levels, so that a picture of a
/// million pixels needs only as many film computations as there are different stacks in it (measured: see ./bench).
/// </summary>
public sealed class PaintPicture
{
    public const int Levels = CoverageMap.Levels;

    private readonly int[] stackOf;
    private readonly List<Layer> layers = [];
    private readonly List<Srgb> colours = [];
    private readonly List<LaidCoat> coats = [];
    private readonly ChromaticAdaptation? light;
    private readonly byte[]? rim;

    /// <param name="skin">Tone of the bare skin.</param>
    /// <param name="window">Which square of the chart, at what resolution.</param>
    /// <param name="light">The light it is seen under; daylight when none is given.</param>
    /// <param name="grained">Whether its pixels show how uneven the films are; what is asked of single places never does.</param>
    public PaintPicture(Lab skin, ChartWindow window, ChromaticAdaptation? light = null, bool grained = false)
    {
        this.light = light;
        // A rim of paint is thinner than a coarse pixel.
        rim = grained && window.MmPerPixel < CoarsestRimMm ? new byte[window.Pixels * window.Pixels] : null;
        IsGrained = grained;
        Window = window;
        stackOf = new int[window.Pixels * window.Pixels];
        layers.Add(new(-1, -1, 0, [.. PaintStack.OnSkin(skin).Inside], [], null, 0, SurfaceLook.Skin));
    }

    private const double CoarsestRimMm = 0.7;

    // From this share of its film on a pixel is inside a figure and not in its soft edge, of Levels.
    private const int InsideLevel = 20;

    public ChartWindow Window { get; }

    public bool IsGrained { get; }

    /// <summary>Different stacks of films in the picture so far.</summary>
    public int StackCount => layers.Count;

    /// <summary>One film of a stack.</summary>
    /// <param name="Under">The stack beneath; −1 for bare skin.</param>
    /// <param name="Kind">Step along a split load, times <see cref="Levels"/>, and share of the film.</param>
    /// <param name="Inside">Reflectance per band below the surface, this film included.</param>
    /// <param name="Surface">How it shines.</param>
    /// <param name="Ground">What the film lies on, less what it lifted.</param>
    private sealed record Layer(int Under, int Coat, int Kind, double[] Inside, double[] Ground, PaintOptics? Film, double FilmUm, SurfaceLook Surface)
    {
        public int Level => Kind % Levels;
    }

    /// <summary>Lays several coats one after the other; what they cover is found side by side beforehand.</summary>
    public void Lay(IEnumerable<LaidCoat> many)
    {
        foreach (var (coat, map) in many.AsParallel().AsOrdered().Select(c => (c, CoverageMap.Of(c.Marks, Window, c.Split?.Load))))
        {
            Lay(coat, map);
        }
    }

    public void Lay(LaidCoat coat) => Lay(coat, CoverageMap.Of(coat.Marks, Window, coat.Split?.Load));

    private void Lay(LaidCoat coat, CoverageMap map)
    {
        if (rim is not null)
        {
            Rims.Mark(rim, Window.Pixels, map, coat.Grain.Rim > 0, InsideLevel);
        }

        var place = coats.Count;
        coats.Add(coat);
        var known = new Dictionary<(int Stack, int Kind), int>();
        var films = new (double R, double T)[]?[Levels * (coat.Split?.Steps.Count ?? 1)];
        var (lastStack, lastKind, lastResult) = (-1, -1, 0);
        for (var y = 0; y < map.Height; y++)
        {
            var levels = map.Level.AsSpan(y * map.Width, map.Width);
            var from = levels.IndexOfAnyExcept((byte)0);
            if (from < 0)
            {
                continue;
            }

            var to = levels.LastIndexOfAnyExcept((byte)0);
            var steps = map.Step.Length > 0 ? map.Step.AsSpan(y * map.Width, map.Width) : [];
            var row = stackOf.AsSpan((map.Top + y) * Window.Pixels + map.Left, map.Width);
            for (var x = from; x <= to; x++)
            {
                var level = levels[x];
                if (level == 0)
                {
                    continue;
                }

                var kind = steps.Length > 0 ? steps[x] * Levels + level : level;
                // Neighbours mostly have the same films beneath and on top.
                if (row[x] != lastStack || kind != lastKind)
                {
                    (lastStack, lastKind) = (row[x], kind);
                    ref var found = ref CollectionsMarshal.GetValueRefOrAddDefault(known, (lastStack, kind), out var exists);
                    if (!exists)
                    {
                        found = layers.Count;
                        layers.Add(Over(lastStack, place, coat, kind, films));
                    }

                    lastResult = found;
                }

                row[x] = lastResult;
            }
        }
    }

    private Layer Over(int stack, int place, LaidCoat coat, int kind, (double R, double T)[]?[] films)
    {
        var (level, step) = (kind % Levels, kind / Levels);
        var paint = coat.Split?.Steps[step] ?? coat.Paint;
        var um = coat.ThicknessUm * level / (Levels - 1);
        var below = layers[stack];
        var share = below.Film is null ? 0 : coat.IntoWet ? 1 : coats[below.Coat].LiftedByWater ? coat.Lifts : 0;
        if (share > 0)
        {
            var (mixed, mixedUm) = WetFilm.Of(below.Film!, share * below.FilmUm, paint, um);
            var left = share < 1 ? below.Film!.Over(below.Ground, (1 - share) * below.FilmUm) : below.Ground;
            return new(stack, place, kind, mixed.Over(left, mixedUm), left, mixed, mixedUm, below.Surface.Under(coat.Finish, um));
        }

        var film = films[kind] ??= [.. Enumerable.Range(0, Spectrum.Bands).Select(b => Film.Layer(paint.K[b], paint.S[b], um))];
        var inside = new double[Spectrum.Bands];
        for (var b = 0; b < inside.Length; b++)
        {
            inside[b] = Film.Over(film[b], below.Inside[b]);
        }

        return new(stack, place, kind, inside, below.Inside, paint, um, below.Surface.Under(coat.Finish, um));
    }

    /// <summary>A core of the paint at a place, from the skin up: which coat, how much of its film, and the reflectance seen after it.</summary>
    /// <returns>The bare skin first, with coat −1.</returns>
    public IReadOnlyList<(int Coat, double FilmShare, double[] Seen)> CoreAt(double xMm, double yMm)
    {
        var core = new List<(int, double, double[])>();
        for (var stack = StackAt(xMm, yMm); stack >= 0; stack = layers[stack].Under)
        {
            core.Add((layers[stack].Coat, layers[stack].Level / (double)(Levels - 1), [.. layers[stack].Inside.Select(SurfaceReflection.SeenWithoutGloss)]));
        }

        core.Reverse();
        return core;
    }

    /// <summary>Colour at a chart place, mm; bare skin beyond the window.</summary>
    public Srgb At(double xMm, double yMm)
    {
        Settle();
        return colours[StackAt(xMm, yMm)];
    }

    /// <summary>What lies on every pixel, film by film.</summary>
    public PaintCores Cores()
    {
        Settle();
        return new(Window, stackOf, [.. layers.Select(l => l.Under)], [.. layers.Select(l => l.Coat)], [.. layers.Select(l => l.Level / (double)(Levels - 1))], colours);
    }

    /// <summary>Whether nothing lies on a pixel.</summary>
    public bool IsBare(int column, int row) => stackOf[row * Window.Pixels + column] == 0;

    /// <summary>The coat on top of a pixel, by its place in the order of work; null for bare skin.</summary>
    public int? TopCoat(int column, int row) => layers[stackOf[row * Window.Pixels + column]].Coat is >= 0 and var coat ? coat : null;

    /// <summary>How a chart place shines.</summary>
    public SurfaceLook SurfaceAt(double xMm, double yMm) => layers[StackAt(xMm, yMm)].Surface;

    /// <summary>All pixels, row by row from the top, four bytes each (R, G, B, 255).</summary>
    public byte[] Rgba()
    {
        Settle();
        var table = colours.Select(c => (uint)(c.R | c.G << 8 | c.B << 16) | 0xFF000000).ToArray();
        // Every byte is written; zeros first cost a tenth of the picture.
        var result = GC.AllocateUninitializedArray<byte>(4 * stackOf.Length);
        var grain = IsGrained ? Grained() : null;
        Parallel.For(0, Window.Pixels, y =>
        {
            var row = MemoryMarshal.Cast<byte, uint>(result.AsSpan(4 * y * Window.Pixels, 4 * Window.Pixels));
            var stacks = stackOf.AsSpan(y * Window.Pixels, Window.Pixels);
            if (grain is null)
            {
                for (var x = 0; x < row.Length; x++)
                {
                    row[x] = table[stacks[x]];
                }

                return;
            }

            var rims = rim is null ? [] : rim.AsSpan(y * Window.Pixels, Window.Pixels);
            for (var x = 0; x < row.Length; x++)
            {
                var stack = stacks[x];
                var from = grain.Entry[stack];
                row[x] = from < 0 ? table[stack]
                    : rims.Length > 0 && rims[x] != Rims.None ? grain.Colours[from + (rims[x] == Rims.On ? GrainColours.OnRim : GrainColours.InsideRim)]
                    : grain.Colours[from + grain.Fields[grain.CoatOf[stack]]!.At(x, y)];
            }
        });
        if (!BitConverter.IsLittleEndian)
        {
            var pixels = MemoryMarshal.Cast<byte, uint>(result.AsSpan());
            System.Buffers.Binary.BinaryPrimitives.ReverseEndianness(pixels, pixels);
        }

        return result;
    }

    /// <param name="Entry">Where the colours of a stack begin; −1 where it has no grain.</param>
    /// <param name="CoatOf">The coat whose grain a stack shows.</param>
    /// <param name="Fields">Of every coat that has a grain.</param>
    private sealed record Grains(int[] Entry, int[] CoatOf, uint[] Colours, GrainField?[] Fields);

    // Films a unit of depth thinner and thicker, for the stacks that are seen.
    private Grains Grained()
    {
        var seen = new bool[layers.Count];
        foreach (var stack in stackOf)
        {
            seen[stack] = true;
        }

        // A stack's lower films vary with it.
        for (var n = layers.Count - 1; n > 0; n--)
        {
            seen[layers[n].Under] |= seen[n] && layers[n].Under >= 0;
        }

        var (entry, coatOf) = (new int[layers.Count], new int[layers.Count]);
        var (thin, thick) = (new double[layers.Count][], new double[layers.Count][]);
        var used = 0;
        // Stacks of one coat lie on stacks of earlier ones, so they can be reckoned side by side.
        for (var from = 0; from < layers.Count;)
        {
            var coat = layers[from].Coat;
            var to = from;
            var kinds = new Dictionary<int, Layer>();
            for (; to < layers.Count && layers[to].Coat == coat; to++)
            {
                entry[to] = -1;
                var own = coat >= 0 && Unit(coats[coat].Grain) > 0;
                coatOf[to] = own ? coat : layers[to].Under < 0 ? -1 : coatOf[layers[to].Under];
                if (seen[to] && coatOf[to] >= 0)
                {
                    entry[to] = used;
                    used += GrainColours.Entries;
                    kinds.TryAdd(layers[to].Kind, layers[to]);
                }
            }

            var unit = coat < 0 ? 0 : Unit(coats[coat].Grain);
            var films = kinds.AsParallel().Select(k => (k.Key, Thin: Filmed(k.Value, -unit), Thick: Filmed(k.Value, unit))).ToDictionary(k => k.Key);
            Parallel.For(from, to, n =>
            {
                (thin[n], thick[n]) = entry[n] < 0
                    ? (layers[n].Inside, layers[n].Inside)
                    : (Varied(layers[n], thin[layers[n].Under], -unit, films[layers[n].Kind].Thin), Varied(layers[n], thick[layers[n].Under], unit, films[layers[n].Kind].Thick));
            });
            from = to;
        }

        var table = new uint[used];
        Parallel.For(0, layers.Count, n =>
        {
            if (entry[n] >= 0)
            {
                var grain = coats[coatOf[n]].Grain;
                GrainColours.Write(colours[n], Seen(thin[n], light), Seen(thick[n], light), grain, Unit(grain), table.AsSpan(entry[n], GrainColours.Entries));
            }
        });
        return new(entry, coatOf, table, [.. coats.Select(c => Unit(c.Grain) > 0 ? new GrainField(c, Window) : null)]);
    }

    // One reckoning serves the grain and the rim of a coat.
    private static double Unit(CoatGrain grain) => Math.Max(grain.Depth, grain.Rim) is > 0 and var depth ? Math.Min(0.9, depth) : 0;

    private static (double R, double T)[] Filmed(Layer layer, double by) =>
        [.. Enumerable.Range(0, Spectrum.Bands).Select(b => Film.Layer(layer.Film!.K[b], layer.Film.S[b], layer.FilmUm * (1 + by)))];

    private double[] Varied(Layer layer, double[] below, double by, (double R, double T)[] film)
    {
        if (!ReferenceEquals(layer.Ground, layers[layer.Under].Inside))
        {
            // Run into what lay below: one film, on a ground of its own.
            return layer.Film!.Over(layer.Ground, layer.FilmUm * (1 + by));
        }

        var inside = new double[Spectrum.Bands];
        for (var b = 0; b < inside.Length; b++)
        {
            inside[b] = Film.Over(film[b], below[b]);
        }

        return inside;
    }

    /// <summary>How every pixel shines, four bytes each: gloss, metal, sparkle, 255.</summary>
    public byte[] Surfaces()
    {
        var result = new byte[stackOf.Length * 4];
        for (var n = 0; n < stackOf.Length; n++)
        {
            var s = layers[stackOf[n]].Surface;
            (result[4 * n], result[4 * n + 1], result[4 * n + 2], result[4 * n + 3]) = ((byte)(255 * s.Gloss), (byte)(255 * s.Metal), (byte)(255 * s.Sparkle), 255);
        }

        return result;
    }

    /// <summary>
    /// How far the base at every pixel is from hiding: ΔE00 between what is seen after its topmost base coat and that paint when
    /// nothing shows through. Pixels without a base have none.
    /// </summary>
    /// <param name="isBase">Which coats are a base, by their place in the order of work.</param>
    public float?[] BaseShows(Func<int, bool> isBase)
    {
        var ofStack = new float?[layers.Count];
        Parallel.For(0, layers.Count, n =>
        {
            var layer = layers[n];
            while (layer.Coat >= 0 && !isBase(layer.Coat))
            {
                layer = layers[layer.Under];
            }

            if (layer.Film is { } film)
            {
                double[] seen = [.. layer.Inside.Select(SurfaceReflection.SeenWithoutGloss)];
                ofStack[n] = (float)ColourDifference.DeltaE00(Lab.From(Observer.Look(seen, Observer.D65)), new PaintStackProbe(film).OpaqueColour);
            }
        });
        return [.. stackOf.Select(s => ofStack[s])];
    }

    private int StackAt(double xMm, double yMm)
    {
        int column = (int)Math.Floor(Window.ColumnOf(xMm)), row = (int)Math.Floor(Window.RowOf(yMm));
        return column < 0 || row < 0 || column >= Window.Pixels || row >= Window.Pixels ? 0 : stackOf[row * Window.Pixels + column];
    }

    private void Settle()
    {
        if (colours.Count == layers.Count)
        {
            return;
        }

        var from = colours.Count;
        var added = new Srgb[layers.Count - from];
        Parallel.For(0, added.Length, k => added[k] = Seen(layers[from + k].Inside, light));
        colours.AddRange(added);
    }

    private static Srgb Seen(double[] inside, ChromaticAdaptation? light)
    {
        Span<double> seen = stackalloc double[Spectrum.Bands];
        for (var b = 0; b < Spectrum.Bands; b++)
        {
            seen[b] = SurfaceReflection.SeenWithoutGloss(inside[b]);
        }

        return light is null ? Srgb.From(Observer.Look(seen, Observer.D65)) : light.Shown(seen);
    }
}
