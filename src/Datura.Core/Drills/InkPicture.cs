namespace Datura.Core.Drills;

/// <summary>A sheet as seen from straight above, three bytes a pixel (red, green, blue), row by row from the top.</summary>
/// <param name="StepMm">From pixel to pixel.</param>
public sealed record InkPicture(byte[] Rgb, int Columns, int Rows, double StepMm)
{
    public const int MostPixels = 600_000;

    // What lies farther than so from any stroke is bare.
    private const double BareMm = 4;
    private const int Every = 3;
    private const int Terms = 6;

    /// <summary>How far the colour lies from that of the bare sheet, 0 to 441, at every pixel.</summary>
    /// <param name="away">Distance of a pixel's place from the nearest stroke, mm.</param>
    public float[] Ink(Func<ChartPoint, double> away)
    {
        // Light falls off across a sheet: what is bare, by a square law over the place, without what lies far off it.
        var bare = new List<(double[] Terms, int At)>();
        for (var j = 0; j < Rows; j += Every)
        {
            for (var i = 0; i < Columns; i += Every)
            {
                if (away(Place(i, j)) > BareMm)
                {
                    bare.Add((TermsOf(i, j), 3 * (j * Columns + i)));
                }
            }
        }

        var laws = Enumerable.Range(0, 3).Select(c => Law([.. bare.Select(b => (b.Terms, (double)Rgb[b.At + c]))])).ToArray();
        var ink = new float[Columns * Rows];
        for (var j = 0; j < Rows; j++)
        {
            for (var i = 0; i < Columns; i++)
            {
                var (terms, n) = (TermsOf(i, j), j * Columns + i);
                var sum = 0.0;
                for (var c = 0; c < 3; c++)
                {
                    var off = Rgb[3 * n + c] - Value(laws[c], terms);
                    sum += off * off;
                }

                ink[n] = (float)Math.Sqrt(sum);
            }
        }

        return ink;
    }

    /// <summary>Between pixels; 0 off the picture.</summary>
    public double At(float[] ink, ChartPoint place)
    {
        var (x, y) = (place.XMm / StepMm - 0.5, place.YMm / StepMm - 0.5);
        var (i, j) = ((int)Math.Floor(x), (int)Math.Floor(y));
        if (i < 0 || j < 0 || i + 1 >= Columns || j + 1 >= Rows)
        {
            return 0;
        }

        var (s, t, n) = (x - i, y - j, j * Columns + i);
        return (1 - t) * ((1 - s) * ink[n] + s * ink[n + 1]) + t * ((1 - s) * ink[n + Columns] + s * ink[n + Columns + 1]);
    }

    /// <summary>Turned half round when its square lies at the lower right, so that up is up.</summary>
    public InkPicture Upwards()
    {
        var at = PracticeCard.UpMarkMm + PracticeCard.UpMarkSideMm / 2;
        return Brightness(at, at) <= Brightness(Columns * StepMm - at, Rows * StepMm - at) ? this : HalfTurned();
    }

    /// <summary>Half round; its own inverse.</summary>
    public InkPicture HalfTurned()
    {
        var turned = new byte[Rgb.Length];
        for (var n = 0; n < Columns * Rows; n++)
        {
            Rgb.AsSpan(3 * n, 3).CopyTo(turned.AsSpan(3 * (Columns * Rows - 1 - n)));
        }

        return this with { Rgb = turned };
    }

    private ChartPoint Place(int i, int j) => new((i + 0.5) * StepMm, (j + 0.5) * StepMm);

    private double Brightness(double x, double y)
    {
        var (half, sum, count) = ((int)(PracticeCard.UpMarkSideMm / 3 / StepMm), 0.0, 0);
        for (var j = (int)(y / StepMm) - half; j <= (int)(y / StepMm) + half; j++)
        {
            for (var i = (int)(x / StepMm) - half; i <= (int)(x / StepMm) + half; i++)
            {
                if (i >= 0 && j >= 0 && i < Columns && j < Rows)
                {
                    var n = 3 * (j * Columns + i);
                    (sum, count) = (sum + Rgb[n] + Rgb[n + 1] + Rgb[n + 2], count + 1);
                }
            }
        }

        return count == 0 ? 0 : sum / count;
    }

    private double[] TermsOf(int i, int j)
    {
        var (x, y) = (2.0 * i / Columns - 1, 2.0 * j / Rows - 1);
        return [1, x, y, x * x, x * y, y * y];
    }

    private static double Value(double[] law, double[] terms)
    {
        var sum = 0.0;
        for (var k = 0; k < Terms; k++)
        {
            sum += law[k] * terms[k];
        }

        return sum;
    }

    // Least squares, thrice, each time without what lies far off: a shadow, a smear, print.
    private static double[] Law(IReadOnlyList<(double[] Terms, double Value)> seen)
    {
        if (seen.Count < 5 * Terms)
        {
            return [255, 0, 0, 0, 0, 0];
        }

        var middle = seen.Select(s => s.Value).Order().ElementAt(seen.Count / 2);
        double[] law = [middle, 0, 0, 0, 0, 0];
        for (var round = 0; round < 3; round++)
        {
            var off = seen.Select(s => Math.Abs(s.Value - Value(law, s.Terms))).Order().ElementAt(seen.Count / 2);
            var kept = seen.Where(s => Math.Abs(s.Value - Value(law, s.Terms)) <= Math.Max(6, 3 * off)).ToArray();
            if (kept.Length < 5 * Terms)
            {
                break;
            }

            var a = MathNet.Numerics.LinearAlgebra.Matrix<double>.Build.DenseOfRowArrays(kept.Select(k => k.Terms));
            var b = MathNet.Numerics.LinearAlgebra.Vector<double>.Build.DenseOfArray([.. kept.Select(k => k.Value)]);
            var solved = a.QR().Solve(b).ToArray();
            law = solved.All(double.IsFinite) ? solved : law;
        }

        return law;
    }
}
