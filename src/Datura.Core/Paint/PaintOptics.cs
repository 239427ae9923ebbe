using System.Collections.Concurrent;
using Datura.Core.Shapes;

namespace Datura.Core.Paint;

/// <summary>Absorption and scattering per µm of a paint or mix, per band.</summary>
public sealed record PaintOptics(double[] K, double[] S)
{
    /// <summary>Reflectance of a draw-down card's black and white (from memory: coated contrast cards).</summary>
    public const double CardBlack = 0.01;
    public const double CardWhite = 0.84;

    // How well a card is read (from memory).
    private const double ReadingDeltaE = 1.5;

    private static readonly ConcurrentDictionary<(Lab, Lab, double), PaintOptics> Solved = new();

    /// <exception cref="ArgumentException">No real film gives this card.</exception>
    public static PaintOptics Of(PaintDescription paint) =>
        Solved.GetOrAdd((paint.OverBlack, paint.OverWhite, paint.CardFilmUm), _ => FromCard(paint));

    private static PaintOptics FromCard(PaintDescription paint)
    {
        if (paint.CardFilmUm is not (> 0 and < 500))
        {
            throw new ArgumentException(FormattableString.Invariant(
                $"{paint.Name}: a card film of {paint.CardFilmUm:0.#} µm cannot be. Give the dry film, usually 10 to 60 µm."));
        }

        if (paint.OverWhite.L < paint.OverBlack.L - 0.5)
        {
            throw new ArgumentException("The card is darker over white than over black; no paint can do that. Check which is which.");
        }

        var white = SmoothReflectance.For(paint.OverWhite);
        // Less light comes back over black in every band; within what an eye or a camera is off, the film counts as opaque.
        var black = SmoothReflectance.Below(paint.OverBlack, white)
            ?? (ColourDifference.DeltaE00(paint.OverBlack, paint.OverWhite) < ReadingDeltaE ? white : throw new ArgumentException(
                "The card sends back more of some colour over black than over white; no paint can do that. Check which is which, and take both in the same light."));
        var k = new double[Spectrum.Bands];
        var s = new double[Spectrum.Bands];
        for (var b = 0; b < Spectrum.Bands; b++)
        {
            (k[b], s[b]) = Film.Solve(
                SurfaceReflection.Inside(Math.Min(black[b], white[b])), SurfaceReflection.Inside(white[b]),
                SurfaceReflection.Inside(CardBlack), SurfaceReflection.Inside(CardWhite), paint.CardFilmUm);
        }

        // What a band cannot do is left out there; a card that is then missed by more than a reading is off was no film.
        var found = new PaintOptics(k, s);
        return Math.Max(Miss(found, paint.OverBlack, CardBlack), Miss(found, paint.OverWhite, CardWhite)) <= ReadingDeltaE ? found : throw new ArgumentException(
            "No film gives this card: over white it is brighter than the card below can make it. Take both colours in the same even light.");

        double Miss(PaintOptics optics, Lab wanted, double ground)
        {
            Span<double> under = stackalloc double[Spectrum.Bands];
            under.Fill(SurfaceReflection.Inside(ground));
            return ColourDifference.DeltaE00(wanted, Lab.From(Observer.Look([.. optics.Over(under, paint.CardFilmUm).Select(SurfaceReflection.SeenWithoutGloss)], Observer.D65)));
        }
    }

    /// <summary>A mix weighs K and S by parts (Duncan 1940: both are additive by concentration).</summary>
    /// <exception cref="ArgumentException">The mix names no paint, one not in the kit, or a share that is not positive.</exception>
    public static PaintOptics Of(PaintMix mix, Kit kit)
    {
        if (mix.Shares.Count == 0 || mix.Shares.Any(s => s.Parts <= 0))
        {
            throw new ArgumentException("A mix needs at least one paint, each with one part or more.");
        }

        var total = mix.Shares.Sum(s => s.Parts);
        var parts = mix.Shares.Select(s => (Optics: Of(Find(kit, s.Paint)), Share: s.Parts / total)).ToArray();
        return new(
            [.. Enumerable.Range(0, Spectrum.Bands).Select(b => parts.Sum(p => p.Share * p.Optics.K[b]))],
            [.. Enumerable.Range(0, Spectrum.Bands).Select(b => parts.Sum(p => p.Share * p.Optics.S[b]))]);
    }

    public static PaintDescription Find(Kit kit, string paint) => kit.Paints.FirstOrDefault(p => p.Id == paint)
        ?? throw new ArgumentException($"The kit {kit.Name} has no paint {paint}. Choose another or add it to the kit.");

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
