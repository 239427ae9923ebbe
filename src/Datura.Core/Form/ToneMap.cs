namespace Datura.Core.Form;

/// <summary>
/// How much lighter or darker each cell must be painted so that the relief reads: the skin's reflectance times E′/E, the light
/// that the pretended lamp would give the relief over the light that the real lamps give the skin.
/// </summary>
/// <param name="Change">Wanted change of L* per cell, bounded by the paints, the strength and the cap.</param>
/// <param name="Wanted">Luminance that the relief should have, per cell; that of the bare base where nothing is painted.</param>
/// <param name="Real">Irradiance the real light gives the skin, per cell.</param>
/// <param name="Cut">Share of the painted cells where the paints or the cap did not reach.</param>
public sealed record ToneMap(FormGrid Grid, bool[] On, double BaseL, float[] Change, float[] Wanted, float[] Real, double Cut)
{
    /// <summary>Share of the slow part that is not painted.</summary>
    public const double EvenedOut = 0.75;

    // Lights are the smaller part: so much of the figure is the base tone or darker (common practice).
    private const double BaseShare = 0.68;

    private const double SlowMm = 34;

    // Logarithm of a ratio below which nothing is told apart.
    private const float Least = -9.2f;

    /// <param name="on">Cells that are painted.</param>
    public static ToneMap Of(Relief relief, bool[] on, FaceLight real, FaceLight pretended, double baseL, ToneBounds bounds, double strength, double highlightCap)
    {
        var grid = relief.Grid;
        var actual = LitSkin.Of(Relief.None(grid), real);
        var asked = LitSkin.Of(relief, pretended, on);
        // Ratios are kept as logarithms. In the dark nothing reads, whatever is painted there.
        var asks = new float[asked.Length];
        Parallel.For(0, grid.Height, row =>
        {
            for (var n = row * grid.Width; n < (row + 1) * grid.Width; n++)
            {
                asks[n] = on[n] ? MathF.Max(MathF.Log(MathF.Max(asked[n], 1e-5f) / MathF.Max(actual[n], 0.04f)), Least) : 0;
            }
        });

        // The larger part of the figure keeps the base tone, and most of what changes slowly over the head is left to the head itself:
        // its roundness is seen in any light, and painting it would only split the face into a light and a dark half (common practice).
        var usual = Usual(asks, on);
        var slow = Slow(asks, usual, on, grid);
        for (var n = 0; n < asks.Length; n++)
        {
            asks[n] = MathF.Max(asks[n] - usual, Least) - (float)EvenedOut * slow[n];
        }

        usual = Usual(asks, on);
        var baseY = (float)Luminance(baseL);
        var (darkest, lightest) = ((float)Math.Min(bounds.DarkestL, baseL), (float)Math.Max(Math.Min(bounds.LightestL, baseL + highlightCap), baseL));
        var change = new float[asks.Length];
        var wanted = new float[asks.Length];
        var (cut, all) = (0, 0);
        Parallel.For(0, grid.Height, row =>
        {
            var (cutHere, allHere) = (0, 0);
            for (var n = row * grid.Width; n < (row + 1) * grid.Width; n++)
            {
                wanted[n] = baseY * actual[n];
                if (!on[n])
                {
                    continue;
                }

                allHere++;
                var more = MathF.Max(asks[n] - usual, Least);
                wanted[n] *= MathF.Exp(more);
                var target = Lightness(baseY * MathF.Exp((float)strength * more));
                var reached = Math.Clamp(target, darkest, lightest);
                cutHere += MathF.Abs(reached - target) > 1 ? 1 : 0;
                change[n] = reached - (float)baseL;
            }

            Interlocked.Add(ref cut, cutHere);
            Interlocked.Add(ref all, allHere);
        });
        return new(grid, on, baseL, change, wanted, actual, all == 0 ? 0 : (double)cut / all);
    }

    /// <summary>Luminance factor of an L*, 0 to 1 (CIE 15).</summary>
    public static double Luminance(double l) => new Lab(l, 0, 0).ToTristimulus().Y;

    public static double Lightness(double y) => Lab.From(new Tristimulus(Lab.D65White.X * y, y, Lab.D65White.Z * y)).L;

    /// <summary>The same for many cells (CIE 15).</summary>
    internal static float Lightness(float y) => y > 216f / 24389 ? 116 * MathF.Cbrt(y) - 16 : 24389f / 27 * y;

    /// <summary>Back again.</summary>
    internal static float Luminance(float l) => l > 8 ? (l + 16) / 116 * ((l + 16) / 116) * ((l + 16) / 116) : l * 27 / 24389;

    // Mean round every cell, over painted cells only.
    private static float[] Slow(float[] asks, float usual, bool[] on, FormGrid grid)
    {
        var half = (int)Math.Round(SlowMm / grid.CellMm);
        var box = CellBox.Round(on, grid.Width, grid.Height);
        var (sum, count) = (box.Cut(asks, grid.Width), Array.ConvertAll(box.Cut(on, grid.Width), o => o ? 1f : 0));
        for (var n = 0; n < sum.Length; n++)
        {
            sum[n] = count[n] * MathF.Max(sum[n] - usual, Least);
        }

        (sum, count) = (BoxFilter.Box(sum, box.Width, box.Height, half, passes: 2), BoxFilter.Box(count, box.Width, box.Height, half, passes: 2));
        for (var n = 0; n < sum.Length; n++)
        {
            sum[n] = count[n] > 1e-3f ? sum[n] / count[n] : 0;
        }

        var slow = new float[asks.Length];
        box.PutBack(sum, slow, grid.Width);
        return slow;
    }

    private static float Usual(float[] asks, bool[] on)
    {
        // Every seventh cell tells it as well as all of them.
        var some = new List<float>(asks.Length / 7);
        for (var n = 0; n < asks.Length; n += 7)
        {
            if (on[n])
            {
                some.Add(asks[n]);
            }
        }

        if (some.Count == 0)
        {
            return 0;
        }

        some.Sort();
        return MathF.Max(some[(int)(BaseShare * (some.Count - 1))], MathF.Log(1e-3f));
    }
}
