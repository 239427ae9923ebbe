namespace Datura.Core.Paint;

/// <summary>Two films that run into one: thicknesses add, absorption and scattering weigh by them (Duncan 1940).</summary>
public static class WetFilm
{
    public static (PaintOptics Paint, double Um) Of(PaintOptics lower, double lowerUm, PaintOptics upper, double upperUm)
    {
        var total = lowerUm + upperUm;
        if (total <= 0)
        {
            return (upper, 0);
        }

        double[] Mixed(double[] a, double[] b)
        {
            var result = new double[a.Length];
            for (var k = 0; k < a.Length; k++)
            {
                result[k] = (a[k] * lowerUm + b[k] * upperUm) / total;
            }

            return result;
        }

        return (new(Mixed(lower.K, upper.K), Mixed(lower.S, upper.S)), total);
    }
}
