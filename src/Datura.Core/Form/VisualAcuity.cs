namespace Datura.Core.Form;

/// <summary>What an eye tells apart.</summary>
public static class VisualAcuity
{
    /// <summary>One minute of arc: the finest that an eye resolves (common practice of optics; a normal eye, 6/6).</summary>
    public static double FinestMm(double distanceM) => 1000 * distanceM * Math.Tan(Math.PI / 180 / 60);

    /// <summary>
    /// Step of L* that is still seen at an edge of a width: about one L* on a large area, twice that at a few minutes of arc and
    /// beyond any at one (from memory, unverified).
    /// </summary>
    /// <param name="widthMm">Of the figure.</param>
    public static double WeakestStep(double widthMm, double distanceM)
    {
        var minutes = widthMm / FinestMm(distanceM);
        return minutes <= 1 ? double.PositiveInfinity : 1 + 4 / (minutes - 1);
    }
}
