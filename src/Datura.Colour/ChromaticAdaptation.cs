namespace Datura.Colour;

/// <summary>
/// What a reflectance looks like under a light, as CIELAB against the white of D65. How far the eye adapts follows from how bright it
/// is, by CIECAM02 (CIE 159:2004): D = 1 − exp(−(L + 42) / 92) / 3.6 with an average surround and L in cd/m².
/// Adaptation: von Kries in the cone space of CAT16 (Li and others, Color Res. Appl. 42 (2017) 703; matrix from memory).
/// </summary>
public sealed class ChromaticAdaptation
{
    /// <summary>Adapting luminance of an evening street or a small stage, cd/m² (from memory: a fifth of a white lit by 300 lx).</summary>
    public const double UsualCdM2 = 20;

    /// <summary>Darker than this nobody sees colours; brighter is noon on snow.</summary>
    public const double LeastCdM2 = 0.1;
    public const double MostCdM2 = 10_000;

    // Cones that a light hardly reaches give no signal to be turned up: in a red wash blue is not told from black. Lamp light asks for a
    // gain of 2.8 (by judgement; CIECAM02 leaves this to its noise term).
    private const double MostGain = 3;

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

    /// <param name="adaptingCdM2">What the eye has settled on, cd/m²: about a fifth of a white in that light.</param>
    public ChromaticAdaptation(double[] light, double adaptingCdM2 = UsualCdM2)
    {
        this.light = light;
        var white = Observer.White(light);
        Degree = DegreeAt(adaptingCdM2);
        var cones = Cones(white);
        double Gain(double day, double here) => Degree * Math.Min(day / Math.Max(here, 1e-6), MostGain) + 1 - Degree;
        gain = (Gain(DayCones.L, cones.L), Gain(DayCones.M, cones.M), Gain(DayCones.S, cones.S));
        Span<double> perfect = stackalloc double[Spectrum.Bands];
        perfect.Fill(1);
        var (r, g, b) = Srgb.Linear(Adapted(perfect));
        exposure = 1 / Math.Max(1, Math.Max(r, Math.Max(g, b)));
    }

    /// <summary>How far the eye adapts to this light, 0 to 1.</summary>
    public double Degree { get; }

    /// <summary>The degree of adaptation at a luminance, cd/m²: from 0.82 in the dark to 1.</summary>
    public static double DegreeAt(double adaptingCdM2) => Math.Clamp(1 - Math.Exp(-(adaptingCdM2 + 42) / 92) / 3.6, 0, 1);

    public Lab Colour(ReadOnlySpan<double> reflectance) => Lab.From(Adapted(reflectance));

    /// <summary>On a screen: as bright as the screen can show a white in this light, so that no colour is cut off for being too bright.</summary>
    public Srgb Shown(ReadOnlySpan<double> reflectance)
    {
        var c = Adapted(reflectance);
        return Srgb.From(new Tristimulus(exposure * c.X, exposure * c.Y, exposure * c.Z));
    }

    private Tristimulus Adapted(ReadOnlySpan<double> reflectance)
    {
        var (l, m, s) = Cones(Observer.Look(reflectance, light));
        return FromCones(gain.L * l, gain.M * m, gain.S * s);
    }

    private static (double L, double M, double S) Cones(Tristimulus c) => (
        ToCones[0, 0] * c.X + ToCones[0, 1] * c.Y + ToCones[0, 2] * c.Z,
        ToCones[1, 0] * c.X + ToCones[1, 1] * c.Y + ToCones[1, 2] * c.Z,
        ToCones[2, 0] * c.X + ToCones[2, 1] * c.Y + ToCones[2, 2] * c.Z);

    private static readonly MathNet.Numerics.LinearAlgebra.Matrix<double> Back =
        MathNet.Numerics.LinearAlgebra.Matrix<double>.Build.DenseOfArray(ToCones).Inverse();

    private static Tristimulus FromCones(double l, double m, double s) => new(
        Back[0, 0] * l + Back[0, 1] * m + Back[0, 2] * s, Back[1, 0] * l + Back[1, 1] * m + Back[1, 2] * s, Back[2, 0] * l + Back[2, 1] * m + Back[2, 2] * s);
}
