namespace Datura.Core.Body;

/// <summary>Where a moved skin lies over itself.</summary>
public static class SkinFolds
{
    // Behind the ear the reference is folded as ears are; no judgement there.
    private const double EarFromRad = 1.30;
    private const double EarToRad = 2.05;
    private const double EarLowMm = -30;
    private const double EarHighMm = 55;

    /// <summary>Whether a piece of skin is turned over against the same piece of the reference.</summary>
    public static bool Any(SkinGrid skin)
    {
        var found = false;
        // Every other row is enough: a fold is wider than 2 mm (by judgement).
        Parallel.For(1, (skin.Rows - 1) / 2, (half, state) =>
        {
            for (var i = 0; i < skin.Columns && !found; i++)
            {
                if (!NearEar(skin, 2 * half, i) && skin.NodeNormal(2 * half, i).Dot(ReferenceSkin.Skin.NodeNormal(2 * half, i)) < 0)
                {
                    found = true;
                    state.Stop();
                }
            }
        });
        return found;
    }

    internal static bool NearEar(SkinGrid skin, int row, int column) =>
        Math.Abs(skin.Azimuth(column)) is > EarFromRad and < EarToRad && skin.Height(row) is > EarLowMm and < EarHighMm;
}
