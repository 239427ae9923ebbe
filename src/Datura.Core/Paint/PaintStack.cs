namespace Datura.Core.Paint;

/// <summary>Films on skin, from the skin up, and the colour one sees.</summary>
public sealed class PaintStack
{
    private readonly double[] inside;
    private readonly double[] under;
    private readonly PaintOptics? top;
    private readonly double topUm;
    private readonly bool topLifts;

    private PaintStack(double[] inside, double[] under, PaintOptics? top, double topUm, bool topLifts) =>
        (this.inside, this.under, this.top, this.topUm, this.topLifts) = (inside, under, top, topUm, topLifts);

    /// <summary>Reflectance per band below the surface.</summary>
    public IReadOnlyList<double> Inside => inside;

    public static PaintStack OnSkin(Lab skin)
    {
        double[] bare = [.. SkinTone.Reflectance(skin).Select(SurfaceReflection.Inside)];
        return new(bare, bare, null, 0, false);
    }

    /// <summary>A film laid on what is dry.</summary>
    /// <param name="thicknessUm">µm dry, 0 or more.</param>
    /// <param name="lifts">Whether a wet brush can take some of it along later.</param>
    public PaintStack With(PaintOptics paint, double thicknessUm, bool lifts = false) => new(paint.Over(inside, thicknessUm), inside, paint, thicknessUm, lifts);

    /// <summary>A film laid with water: a share of the film below comes along into it, if that one lifts.</summary>
    /// <param name="share">0 leaves the film below alone; 1 is wet into wet.</param>
    public PaintStack Lifting(PaintOptics paint, double thicknessUm, double share, bool lifts = false)
    {
        if (top is null || !topLifts || share <= 0 || topUm <= 0)
        {
            return With(paint, thicknessUm, lifts);
        }

        var (mixed, mixedUm) = WetFilm.Of(top, share * topUm, paint, thicknessUm);
        var left = top.Over(under, (1 - share) * topUm);
        return new(mixed.Over(left, mixedUm), left, mixed, mixedUm, lifts);
    }

    /// <summary>Laid while the film below is wet: both run into one of both thicknesses, whatever they are made of.</summary>
    public PaintStack IntoWet(PaintOptics paint, double thicknessUm, bool lifts = false) =>
        top is null ? With(paint, thicknessUm, lifts) : new PaintStack(inside, under, top, topUm, true).Lifting(paint, thicknessUm, 1, lifts);

    public double[] Seen() => [.. inside.Select(SurfaceReflection.SeenWithoutGloss)];

    /// <summary>Colour under D65.</summary>
    public Lab Colour() => Lab.From(Observer.Look(Seen(), Observer.D65));
}
