using Datura.Core.Paint;

namespace Datura.Core.Form;

/// <summary>What the paints at hand can reach from the base, L*.</summary>
public sealed record ToneBounds(double DarkestL, double LightestL);

/// <summary>
/// How much lighter or darker each cell must be painted so that the relief reads: the skin's reflectance times E′/E, the light
/// that the pretended lamp would give the relief over the light that the real lamps give the skin.
/// </summary>
/// <param name="Change">Wanted change of L* per cell, bounded by the paints, the strength and the cap.</param>
/// <param name="Wanted">Luminance that the relief should have, per cell.</param>
/// <param name="Real">Irradiance the real light gives the skin, per cell.</param>
/// <param name="Cut">Share of the painted cells where the paints or the cap did not reach.</param>
public sealed record ToneMap(FormGrid Grid, bool[] On, double BaseL, float[] Change, float[] Wanted, float[] Real, double Cut)
{
    /// <summary>Share of the slow part that is not painted.</summary>
    public const double EvenedOut = 0.75;

    // Lights are the smaller part: so much of the figure is the base tone or darker (common practice).
    private const double BaseShare = 0.68;

    private const double SlowMm = 34;

    /// <param name="on">Cells that are painted.</param>
    public static ToneMap Of(Relief relief, bool[] on, FaceLight real, FaceLight pretended, double baseL, ToneBounds bounds, double strength, double highlightCap)
    {
        var grid = relief.Grid;
        var actual = LitSkin.Of(Relief.None(grid), real);
        var asked = LitSkin.Of(relief, pretended);
        var ratio = new float[asked.Length];
        for (var n = 0; n < ratio.Length; n++)
        {
            // In the dark nothing reads, whatever is painted there.
            ratio[n] = asked[n] / Math.Max(actual[n], 0.04f);
        }

        // The larger part of the figure keeps the base tone, and most of what changes slowly over the head is left to the head itself:
        // its roundness is seen in any light, and painting it would only split the face into a light and a dark half (common practice).
        var usual = Usual(ratio, on);
        var slow = Slow(ratio, usual, on, grid);
        for (var n = 0; n < ratio.Length; n++)
        {
            ratio[n] = (float)(Math.Max(ratio[n] / usual, 1e-4) * Math.Exp(-EvenedOut * slow[n]));
        }

        usual = Usual(ratio, on);
        var baseY = Luminance(baseL);
        var change = new float[ratio.Length];
        var wanted = new float[ratio.Length];
        var (cut, all) = (0, 0);
        Parallel.For(0, grid.Height, row =>
        {
            var (cutHere, allHere) = (0, 0);
            for (var n = row * grid.Width; n < (row + 1) * grid.Width; n++)
            {
                var asks = Math.Max(ratio[n] / usual, 1e-4);
                wanted[n] = (float)(baseY * actual[n] * asks);
                if (!on[n])
                {
                    continue;
                }

                allHere++;
                var target = Lightness(baseY * Math.Pow(asks, strength));
                var most = Math.Min(bounds.LightestL, baseL + highlightCap);
                var reached = Math.Clamp(target, Math.Min(bounds.DarkestL, baseL), Math.Max(most, baseL));
                cutHere += Math.Abs(reached - target) > 1 ? 1 : 0;
                change[n] = (float)(reached - baseL);
            }

            Interlocked.Add(ref cut, cutHere);
            Interlocked.Add(ref all, allHere);
        });
        return new(grid, on, baseL, change, wanted, actual, all == 0 ? 0 : (double)cut / all);
    }

    /// <summary>Luminance factor of an L*, 0 to 1 (CIE 15).</summary>
    public static double Luminance(double l) => new Lab(l, 0, 0).ToXyz().Y;

    public static double Lightness(double y) => Lab.From(new Xyz(Lab.D65White.X * y, y, Lab.D65White.Z * y)).L;

    // Mean of the logarithm round every cell, over painted cells only.
    private static float[] Slow(float[] ratio, float usual, bool[] on, FormGrid grid)
    {
        var half = (int)Math.Round(SlowMm / grid.CellMm);
        var (sum, count) = (new float[ratio.Length], new float[ratio.Length]);
        for (var n = 0; n < ratio.Length; n++)
        {
            (sum[n], count[n]) = on[n] ? ((float)Math.Log(Math.Max(ratio[n] / usual, 1e-4)), 1) : (0, 0);
        }

        (sum, count) = (Averages.Box(sum, grid.Width, grid.Height, half, passes: 2), Averages.Box(count, grid.Width, grid.Height, half, passes: 2));
        for (var n = 0; n < sum.Length; n++)
        {
            sum[n] = count[n] > 1e-3f ? sum[n] / count[n] : 0;
        }

        return sum;
    }

    private static float Usual(float[] values, bool[] on)
    {
        // Every seventh cell tells it as well as all of them.
        var some = new List<float>();
        for (var n = 0; n < values.Length; n += 7)
        {
            if (on[n])
            {
                some.Add(values[n]);
            }
        }

        if (some.Count == 0)
        {
            return 1;
        }

        some.Sort();
        return Math.Max(some[(int)(BaseShare * (some.Count - 1))], 1e-3f);
    }
}
