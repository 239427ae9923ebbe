namespace Datura.Core.Paint;

/// <summary>
/// One paint film in two-flux theory: absorption K and scattering S per µm, per band.
/// Source: Kubelka, J. Opt. Soc. Am. 38 (1948) 448.
/// </summary>
public static class Film
{
    /// <summary>Reflectance and transmittance of a free film, without surface reflection.</summary>
    /// <param name="absorption">K per µm, not negative.</param>
    /// <param name="scattering">S per µm, not negative.</param>
    /// <param name="thicknessUm">µm, not negative.</param>
    public static (double R, double T) Layer(double absorption, double scattering, double thicknessUm)
    {
        if (thicknessUm <= 0)
        {
            return (0, 1);
        }

        if (scattering * thicknessUm < 1e-12)
        {
            return (0, Math.Exp(-absorption * thicknessUm));
        }

        var sx = scattering * thicknessUm;
        if (absorption < 1e-9 * scattering)
        {
            return (sx / (1 + sx), 1 / (1 + sx));
        }

        var a = 1 + absorption / scattering;
        var b = Math.Sqrt(a * a - 1);
        var bsx = b * sx;
        if (bsx > 300)
        {
            return (a - b, 0);
        }

        var sinh = Math.Sinh(bsx);
        var cosh = Math.Cosh(bsx);
        var d = a * sinh + b * cosh;
        return (sinh / d, b / d);
    }

    /// <summary>Reflectance of a film lying on a ground (light goes back and forth between them).</summary>
    public static double Over((double R, double T) film, double ground) =>
        film.R + film.T * film.T * ground / (1 - film.R * ground);

    /// <summary>K and S per µm of a film seen over two grounds; all reflectances without surface reflection.</summary>
    /// <exception cref="InputException">No real film could look like that.</exception>
    public static (double K, double S) Solve(double overDark, double overLight, double dark, double light, double thicknessUm)
    {
        if (overLight < overDark - 1e-9)
        {
            throw new InputException("card", ProblemCode.CardSwapped);
        }

        // Both grounds obey R = R0 + T²g/(1 − R0 g); the terms in R0² cancel between the two.
        var r0 = Math.Max(0, (light * overDark - dark * overLight) / (light - dark + dark * light * (overDark - overLight)));
        var t2 = Math.Max((overLight - r0) * (1 - r0 * light) / light, 1e-10);
        if (r0 < 1e-7)
        {
            return (Math.Max(0, -0.5 * Math.Log(Math.Min(t2, 1))) / thicknessUm, 0);
        }

        var a = Math.Max((1 + r0 * r0 - t2) / (2 * r0), 1 + 1e-9);
        var b = Math.Sqrt(a * a - 1);
        var ratio = Math.Clamp(b / (1 / r0 - a), 0, 1 - 1e-9);
        var s = (a - 1 < 1e-6 ? r0 / (1 - r0) : Math.Atanh(ratio) / b) / thicknessUm;
        return (s * (a - 1), s);
    }
}
