namespace Datura.Colour;

/// <summary>CIEDE2000 colour difference. Source: Sharma, Wu, Dalal, Color Research and Application 30 (2005) 21–30.</summary>
public static class ColourDifference
{
    /// <returns>ΔE00; about 1 is just visible side by side.</returns>
    public static double DeltaE00(Lab first, Lab second)
    {
        var meanChroma = (first.Chroma() + second.Chroma()) / 2;
        var c7 = Math.Pow(meanChroma, 7);
        var g = 0.5 * (1 - Math.Sqrt(c7 / (c7 + Math.Pow(25, 7))));
        var (a1, a2) = ((1 + g) * first.A, (1 + g) * second.A);
        var (c1, c2) = (Math.Sqrt(a1 * a1 + first.B * first.B), Math.Sqrt(a2 * a2 + second.B * second.B));
        var (h1, h2) = (Hue(a1, first.B), Hue(a2, second.B));
        var grey = c1 * c2 == 0;
        var deltaL = second.L - first.L;
        var deltaC = c2 - c1;
        var turn = grey ? 0 : h2 - h1 > 180 ? h2 - h1 - 360 : h2 - h1 < -180 ? h2 - h1 + 360 : h2 - h1;
        var deltaH = 2 * Math.Sqrt(c1 * c2) * Sin(turn / 2);
        var meanL = (first.L + second.L) / 2;
        var meanC = (c1 + c2) / 2;
        var meanH = grey ? h1 + h2
            : Math.Abs(h1 - h2) <= 180 ? (h1 + h2) / 2
            : h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
        var t = 1 - 0.17 * Cos(meanH - 30) + 0.24 * Cos(2 * meanH) + 0.32 * Cos(3 * meanH + 6) - 0.20 * Cos(4 * meanH - 63);
        var m7 = Math.Pow(meanC, 7);
        var rotation = -2 * Math.Sqrt(m7 / (m7 + Math.Pow(25, 7))) * Sin(60 * Math.Exp(-Math.Pow((meanH - 275) / 25, 2)));
        var offL = (meanL - 50) * (meanL - 50);
        var l = deltaL / (1 + 0.015 * offL / Math.Sqrt(20 + offL));
        var c = deltaC / (1 + 0.045 * meanC);
        var h = deltaH / (1 + 0.015 * meanC * t);
        return Math.Sqrt(l * l + c * c + h * h + rotation * c * h);
    }

    private static double Hue(double a, double b) => a == 0 && b == 0 ? 0 : (Math.Atan2(b, a) * 180 / Math.PI + 360) % 360;

    private static double Sin(double degrees) => Math.Sin(degrees * Math.PI / 180);

    private static double Cos(double degrees) => Math.Cos(degrees * Math.PI / 180);
}
