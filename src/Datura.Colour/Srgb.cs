namespace Datura.Colour;

/// <summary>A screen colour, 8 bits a channel. Source: IEC 61966-2-1.</summary>
public readonly record struct Srgb(byte R, byte G, byte B)
{
    public static Srgb From(Tristimulus c)
    {
        var (r, g, b) = Linear(c);
        return new(Byte(r), Byte(g), Byte(b));
    }

    /// <summary>Linear channels, 1 for white; beyond 0 to 1 the screen cannot show the colour.</summary>
    public static (double R, double G, double B) Linear(Tristimulus c)
    {
        // The tables' own white differs from the standard's in the fourth place; scale so that white is white.
        var w = Lab.D65White;
        double x = c.X / w.X * 0.95047, y = c.Y / w.Y, z = c.Z / w.Z * 1.08883;
        return (
            3.2404542 * x - 1.5371385 * y - 0.4985314 * z,
            -0.9692660 * x + 1.8760108 * y + 0.0415560 * z,
            0.0556434 * x - 0.2040259 * y + 1.0572252 * z);
    }

    /// <summary>The inverse of <see cref="Linear"/>: linear channels, 0 to 1.</summary>
    public static Tristimulus ToTristimulus(double r, double g, double b)
    {
        var w = Lab.D65White;
        return new(
            (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) * w.X / 0.95047,
            (0.2126729 * r + 0.7151522 * g + 0.0721750 * b) * w.Y,
            (0.0193339 * r + 0.1191920 * g + 0.9503041 * b) * w.Z / 1.08883);
    }

    public static Srgb From(Lab lab) => From(lab.ToTristimulus());

    public string Hex => $"#{R:x2}{G:x2}{B:x2}";

    /// <summary>Share of full light of a channel as shown, 0 to 255.</summary>
    public static double LinearOf(double shown) => shown / 255 is var v && v <= 0.04045 ? v / 12.92 : Math.Pow((v + 0.055) / 1.055, 2.4);

    /// <summary>The inverse: a channel as it is shown, 0 to 255; light beyond what can be shown is cut off.</summary>
    public static double ShownOf(double linear) => Math.Clamp(linear, 0, 1) is var v && v <= 0.0031308 ? 255 * 12.92 * v : 255 * (1.055 * Math.Pow(v, 1 / 2.4) - 0.055);

    private static byte Byte(double linear) => (byte)Math.Round(ShownOf(linear));
}
