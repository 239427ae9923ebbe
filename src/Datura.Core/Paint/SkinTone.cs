using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Paint;

/// <summary>The reflectance of bare skin, from its colour.</summary>
public static class SkinTone
{
    // Molar extinction of oxygenated blood pigment, 1000/(cm·M), 380–730 nm. Source: compilation by Prahl (from memory, unverified).
    private static readonly double[] Blood =
    [
        104, 167, 266, 467, 480, 246, 103, 62.8, 44.5, 33.2, 26.6, 23.7, 20.9, 20.0, 24.2, 40.0, 53.2, 43.0,
        32.6, 44.5, 50.1, 14.4, 3.2, 1.5, 0.94, 0.61, 0.44, 0.37, 0.32, 0.29, 0.28, 0.28, 0.29, 0.31, 0.35, 0.39,
    ];

    // Melanin absorbs with about the −3.48th power of the wavelength. Source: Jacques, Phys. Med. Biol. 58 (2013) R37 (from memory).
    private static readonly double[] Melanin = Spectrum.Of(nm => Math.Pow(nm / 500, -3.48));

    // Blood is spread through the dermis; its strong violet band saturates, which the logarithm stands in for.
    private static readonly double[] BloodSeen = [.. Blood.Select(e => Math.Log(1 + e / 12))];

    /// <summary>Typology angle of a skin tone, degrees. Source: Chardon, Cretois, Hourseau 1991.</summary>
    public static double TypologyAngleDeg(Lab skin) => Math.Atan2(skin.L - 50, skin.B) * 180 / Math.PI;

    /// <summary>Class by typology angle. Source: Del Bino and Bernerd, Br. J. Dermatol. 169 (2013) 33 (names from memory).</summary>
    public static string Class(Lab skin) => TypologyAngleDeg(skin) switch
    {
        > 55 => "very light",
        > 41 => "light",
        > 28 => "intermediate",
        > 10 => "tan",
        > -30 => "brown",
        _ => "dark",
    };

    /// <summary>
    /// Seen reflectance per band: what melanin and blood leave of a pale ground, in the amounts that give this colour
    /// exactly; for tones that no such mixture gives, the smoothest reflectance of the colour.
    /// </summary>
    /// <exception cref="InputException">No skin has this colour.</exception>
    public static double[] Reflectance(Lab skin)
    {
        if (skin.L is < 8 or > 95 || Math.Abs(skin.A) > 45 || skin.B is < -20 or > 50)
        {
            throw new InputException("skin", ProblemCode.NoSkinTone, ("l", skin.L), ("a", skin.A), ("b", skin.B));
        }

        double[] amounts = [0.3, 0.3, 0.1];
        for (var round = 0; round < 40; round++)
        {
            var now = Lab.From(Observer.Look(Pigmented(amounts), Observer.D65));
            var error = Vector<double>.Build.Dense([skin.L - now.L, skin.A - now.A, skin.B - now.B]);
            if (error.AbsoluteMaximum() < 1e-7)
            {
                return Pigmented(amounts);
            }

            var slope = Matrix<double>.Build.Dense(3, 3);
            for (var k = 0; k < 3; k++)
            {
                var moved = (double[])amounts.Clone();
                moved[k] += 1e-4;
                var there = Lab.From(Observer.Look(Pigmented(moved), Observer.D65));
                slope.SetColumn(k, [(there.L - now.L) / 1e-4, (there.A - now.A) / 1e-4, (there.B - now.B) / 1e-4]);
            }

            var step = slope.Solve(error);
            var limit = Math.Min(1, 0.5 / Math.Max(step.AbsoluteMaximum(), 1e-9));
            for (var k = 0; k < 3; k++)
            {
                amounts[k] += limit * step[k];
            }
        }

        return PossibleColour.Reflectance(skin);
    }

    private static double[] Pigmented(double[] amounts) => [.. Enumerable.Range(0, Spectrum.Bands).Select(b =>
        1 / (1 + Math.Exp(-1.2 + amounts[0] + amounts[1] * Melanin[b] + amounts[2] * BloodSeen[b])))];
}
