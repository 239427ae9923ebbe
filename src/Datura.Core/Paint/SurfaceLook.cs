namespace Datura.Core.Paint;

/// <summary>How a painted place shines, each 0 to 1.</summary>
/// <param name="Gloss">Strength of the highlight.</param>
/// <param name="Metal">How far the highlight takes the paint's own colour and the rest goes dark.</param>
/// <param name="Sparkle">Single grains that flash.</param>
public readonly record struct SurfaceLook(double Gloss, double Metal, double Sparkle)
{
    // A film of about this thickness covers the gloss of what lies beneath (common practice: the lightest dusting does not).
    private const double CoveringUm = 6;

    /// <summary>Clean, dry skin.</summary>
    public static SurfaceLook Skin { get; } = new(0.16, 0, 0);

    /// <summary>Values by eye, not measured (from memory).</summary>
    public static SurfaceLook Of(Finish finish) => finish switch
    {
        Finish.Matt => new(0.03, 0, 0),
        Finish.Satin => new(0.3, 0, 0),
        Finish.Pearl => new(0.42, 0.2, 0),
        Finish.Metal => new(0.9, 1, 0),
        Finish.Sparkle => new(0.5, 0.15, 1),
        _ => throw new ArgumentOutOfRangeException(nameof(finish)),
    };

    /// <summary>After a film of another finish has gone on.</summary>
    public SurfaceLook Under(Finish finish, double filmUm)
    {
        var t = 1 - Math.Exp(-filmUm / CoveringUm);
        var over = Of(finish);
        return new(Gloss + t * (over.Gloss - Gloss), Metal + t * (over.Metal - Metal), Sparkle + t * (over.Sparkle - Sparkle));
    }
}
