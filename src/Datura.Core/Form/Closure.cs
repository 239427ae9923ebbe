namespace Datura.Core.Form;

/// <summary>How much of the wanted form is seen on the real skin under the real light, from the viewing distance.</summary>
/// <param name="Bare">Correlation of seen and wanted luminance without the tones, −1 to 1.</param>
/// <param name="Painted">With them.</param>
public sealed record Closure(double Bare, double Painted)
{
    // Only where the relief is, and a little round it.
    private const double RoundMm = 8;
    private const float Flat = 0.3f;

    public static Closure Of(ToneMap map, float[] painted, Relief relief, double distanceM)
    {
        var grid = map.Grid;
        var half = (int)Math.Round(VisualAcuity.FinestMm(distanceM) / 2 / grid.CellMm);
        var region = Region(map, relief);
        var box = CellBox.Round(region, grid.Width, grid.Height, Math.Min(2 * half, grid.Width));
        var (here, change, real) = (box.Cut(region, grid.Width), box.Cut(painted, grid.Width), box.Cut(map.Real, grid.Width));
        var baseY = (float)ToneMap.Luminance(map.BaseL);
        var (bare, seen) = (new float[change.Length], new float[change.Length]);
        for (var n = 0; n < change.Length; n++)
        {
            bare[n] = baseY * real[n];
            seen[n] = change[n] == 0 ? bare[n] : ToneMap.Luminance((float)map.BaseL + change[n]) * real[n];
        }

        float[] From(float[] field) => BoxFilter.Box(field, box.Width, box.Height, half, passes: 2);
        var wanted = From(box.Cut(map.Wanted, grid.Width));
        return new(Correlation(From(bare), wanted, here), Correlation(From(seen), wanted, here));
    }

    /// <summary>Pearson's correlation over some cells; 0 when either does not vary.</summary>
    internal static double Correlation(float[] a, float[] b, bool[] on)
    {
        double n = 0, sa = 0, sb = 0, saa = 0, sbb = 0, sab = 0;
        for (var k = 0; k < a.Length; k++)
        {
            if (on[k])
            {
                (n, sa, sb, saa, sbb, sab) = (n + 1, sa + a[k], sb + b[k], saa + (double)a[k] * a[k], sbb + (double)b[k] * b[k], sab + (double)a[k] * b[k]);
            }
        }

        double va = n * saa - sa * sa, vb = n * sbb - sb * sb;
        return n < 2 || va <= 1e-12 * n * saa || vb <= 1e-12 * n * sbb ? 0 : (n * sab - sa * sb) / Math.Sqrt(va * vb);
    }

    private static bool[] Region(ToneMap map, Relief relief)
    {
        if (relief.IsFlat)
        {
            return map.On;
        }

        var grid = map.Grid;
        var box = CellBox.Round(map.On, grid.Width, grid.Height, (int)(2 * RoundMm / grid.CellMm));
        var away = DistanceTransform.ToOutside(Array.ConvertAll(box.Cut(relief.Mm, grid.Width), h => Math.Abs(h) <= Flat), box.Width, box.Height);
        var (on, near) = (box.Cut(map.On, grid.Width), RoundMm / grid.CellMm);
        for (var n = 0; n < on.Length; n++)
        {
            on[n] &= away[n] <= near;
        }

        var region = new bool[map.On.Length];
        box.PutBack(on, region, grid.Width);
        return region;
    }
}
