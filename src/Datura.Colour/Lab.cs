namespace Datura.Colour;

/// <summary>CIELAB colour (CIE 15), here always against the white of D65 unless said otherwise.</summary>
public readonly record struct Lab(double L, double A, double B)
{
    private const double Epsilon = 216.0 / 24389;
    private const double Kappa = 24389.0 / 27;

    public static readonly Tristimulus D65White = Observer.White(Observer.D65);

    public static Lab From(Tristimulus colour) => From(colour, D65White);

    public static Lab From(Tristimulus colour, Tristimulus white)
    {
        static double F(double t) => t > Epsilon ? Math.Cbrt(t) : (Kappa * t + 16) / 116;
        double x = F(colour.X / white.X), y = F(colour.Y / white.Y), z = F(colour.Z / white.Z);
        return new(116 * y - 16, 500 * (x - y), 200 * (y - z));
    }

    public Tristimulus ToTristimulus() => ToTristimulus(D65White);

    public Tristimulus ToTristimulus(Tristimulus white)
    {
        static double G(double f) => f * f * f > Epsilon ? f * f * f : (116 * f - 16) / Kappa;
        var y = (L + 16) / 116;
        return new(white.X * G(y + A / 500), white.Y * G(y), white.Z * G(y - B / 200));
    }

    public double Chroma() => Math.Sqrt(A * A + B * B);
}
