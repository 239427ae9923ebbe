namespace Datura.Colour;

/// <summary>The 36 bands on which all colour is computed: 380 to 730 nm in steps of 10.</summary>
public static class Spectrum
{
    public const int Bands = 36;
    public const int FirstNm = 380;
    public const int StepNm = 10;

    public static double WavelengthNm(int band) => FirstNm + StepNm * band;

    /// <summary>A value for every band.</summary>
    public static double[] Of(Func<double, double> atNm) => [.. Enumerable.Range(0, Bands).Select(b => atNm(WavelengthNm(b)))];
}
