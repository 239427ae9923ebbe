using System.Collections.Concurrent;

namespace Datura.Core.Paint;

/// <summary>Absorption and scattering per µm of a paint or mix, per band.</summary>
public sealed record PaintOptics(double[] K, double[] S)
{
    /// <summary>Reflectance of a draw-down card's black (from memory: coated contrast cards).</summary>
    public const double CardBlack = 0.01;

    /// <summary>Reflectance of its white: 80 ± 2 % (ISO 6504-3, ASTM D2805).</summary>
    public const double CardWhite = 0.80;

    private static readonly ConcurrentDictionary<(Lab, Lab, double), CardReading> Read = new();

    /// <summary>Likeliest K and S of a paint by its card.</summary>
    /// <exception cref="InputException">The card's numbers are nonsense.</exception>
    public static PaintOptics Of(PaintDescription paint) => CardOf(paint).Optics;

    /// <summary>As above, with how far the card is missed and how sure K and S are.</summary>
    /// <exception cref="InputException">The card's numbers are nonsense.</exception>
    public static CardReading CardOf(PaintDescription paint) => Read.GetOrAdd((paint.OverBlack, paint.OverWhite, paint.CardFilmUm), _ =>
    {
        if (!Limits.Hold<PaintDescription>(nameof(paint.CardFilmUm), paint.CardFilmUm))
        {
            throw new InputException("cardFilmUm", ProblemCode.CardFilm, ("paint", paint.Name), ("film", paint.CardFilmUm));
        }

        foreach (var colour in new[] { paint.OverBlack, paint.OverWhite })
        {
            if (!(colour.L is >= 0 and <= 100 && Math.Abs(colour.A) <= MostAxis && Math.Abs(colour.B) <= MostAxis))
            {
                throw new InputException("card", ProblemCode.CardColour, ("paint", paint.Name), ("l", colour.L), ("a", colour.A), ("b", colour.B), ("most", (double)MostAxis));
            }
        }

        return CardReading.Of(paint.OverBlack, paint.OverWhite, paint.CardFilmUm);
    });

    // No surface colour lies farther out (MacAdam's limits reach about 130).
    private const int MostAxis = 150;

    /// <summary>A mix weighs K and S by parts (Duncan 1940: both are additive by concentration).</summary>
    /// <exception cref="InputException">The mix names no paint, one not in the kit, or a share that is not positive.</exception>
    public static PaintOptics Of(PaintMix mix, Kit kit)
    {
        if (mix.Shares.Count == 0 || mix.Shares.Any(s => s.Parts <= 0))
        {
            throw new InputException("mix", ProblemCode.MixOfNothing);
        }

        var total = mix.Shares.Sum(s => s.Parts);
        var parts = mix.Shares.Select(s => (Optics: Of(Find(kit, s.Paint)), Share: s.Parts / total)).ToArray();
        return new(
            [.. Enumerable.Range(0, Spectrum.Bands).Select(b => parts.Sum(p => p.Share * p.Optics.K[b]))],
            [.. Enumerable.Range(0, Spectrum.Bands).Select(b => parts.Sum(p => p.Share * p.Optics.S[b]))]);
    }

    public static PaintDescription Find(Kit kit, string paint) => kit.Paints.FirstOrDefault(p => p.Id == paint)
        ?? throw new InputException("paint", ProblemCode.NoSuchPaint, ("kit", kit.Name), ("paint", paint));

    /// <summary>Reflectance of this paint laid over a ground, both without surface reflection.</summary>
    public double[] Over(ReadOnlySpan<double> ground, double thicknessUm)
    {
        var result = new double[Spectrum.Bands];
        for (var b = 0; b < Spectrum.Bands; b++)
        {
            result[b] = Film.Over(Film.Layer(K[b], S[b], thicknessUm), ground[b]);
        }

        return result;
    }
}
