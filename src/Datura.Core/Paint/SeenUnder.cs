namespace Datura.Core.Paint;

/// <summary>
/// What a reflectance looks like under a light, as CIELAB against the white of D65. To whitish lights the eye adapts wholly,
/// to a saturated wash hardly: the degree falls with the light's distance from the line of lamp lights.
/// Adaptation: von Kries in the cone space of CAT16 (Li and others, Color Res. Appl. 42 (2017) 703; matrix from memory).
/// The fall of the degree is from memory, unverified.
/// </summary>
public sealed class SeenUnder
{
    private const double DegreeFall = 25;

    private static readonly double[,] ToCones =
    {
        { 0.401288, 0.650173, -0.051461 },
        { -0.250268, 1.204414, 0.045854 },
        { -0.002079, 0.048952, 0.953127 },
    };

    private static readonly (double L, double M, double S) DayCones = Cones(Lab.D65White);

    private readonly double[] light;
    private readonly (double L, double M, double S) gain;
    private readonly double exposure;

    public SeenUnder(double[] light)
    {
        this.light = light;
        var white = Observer.White(light);
        Degree = Math.Exp(-DegreeFall * FromLampLine(white));
        var cones = Cones(white);
        double Gain(double day, double here) => Degree * day / Math.Max(here, 1e-6) + 1 - Degree;
        gain = (Gain(DayCones.L, cones.L), Gain(DayCones.M, cones.M), Gain(DayCones.S, cones.S));
        Span<double> perfect = stackalloc double[Spectrum.Bands];
        perfect.Fill(1);
        var (r, g, b) = Srgb.Linear(Adapted(perfect));
        exposure = 1 / Math.Max(1, Math.Max(r, Math.Max(g, b)));
    }

    /// <summary>How far the eye adapts to this light, 0 to 1.</summary>
    public double Degree { get; }

    public Lab Colour(ReadOnlySpan<double> reflectance) => Lab.From(Adapted(reflectance));

    /// <summary>On a screen: as bright as the screen can show a white in this light, so that no colour is cut off for being too bright.</summary>
    public Srgb Shown(ReadOnlySpan<double> reflectance)
    {
        var c = Adapted(reflectance);
        return Srgb.From(new Xyz(exposure * c.X, exposure * c.Y, exposure * c.Z));
    }

    private Xyz Adapted(ReadOnlySpan<double> reflectance)
    {
        var (l, m, s) = Cones(Observer.Look(reflectance, light));
        return FromCones(gain.L * l, gain.M * m, gain.S * s);
    }

    // Distance on the CIE 1976 u′v′ diagram from the nearest black body between 2200 K and 10000 K, daylight counted in.
    private static double FromLampLine(Xyz white)
    {
        var (u, v) = Uv(white);
        var least = double.MaxValue;
        for (var kelvin = 2200.0; kelvin <= 10000; kelvin *= 1.06)
        {
            var k = kelvin;
            var (bu, bv) = Uv(Observer.White(Lamps.BlackBody(k)));
            least = Math.Min(least, Math.Sqrt((u - bu) * (u - bu) + (v - bv) * (v - bv)));
        }

        return Math.Max(0, least - 0.006);
    }

    private static (double U, double V) Uv(Xyz c)
    {
        var d = c.X + 15 * c.Y + 3 * c.Z;
        return (4 * c.X / d, 9 * c.Y / d);
    }

    private static (double L, double M, double S) Cones(Xyz c) => (
        ToCones[0, 0] * c.X + ToCones[0, 1] * c.Y + ToCones[0, 2] * c.Z,
        ToCones[1, 0] * c.X + ToCones[1, 1] * c.Y + ToCones[1, 2] * c.Z,
        ToCones[2, 0] * c.X + ToCones[2, 1] * c.Y + ToCones[2, 2] * c.Z);

    private static readonly MathNet.Numerics.LinearAlgebra.Matrix<double> Back =
        MathNet.Numerics.LinearAlgebra.Matrix<double>.Build.DenseOfArray(ToCones).Inverse();

    private static Xyz FromCones(double l, double m, double s) => new(
        Back[0, 0] * l + Back[0, 1] * m + Back[0, 2] * s, Back[1, 0] * l + Back[1, 1] * m + Back[1, 2] * s, Back[2, 0] * l + Back[2, 1] * m + Back[2, 2] * s);
}
