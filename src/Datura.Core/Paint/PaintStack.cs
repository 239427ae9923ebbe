namespace Datura.Core.Paint;

/// <summary>Films on skin, from the skin up, and the colour one sees.</summary>
public sealed class PaintStack
{
    private readonly double[] inside;

    private PaintStack(double[] inside) => this.inside = inside;

    /// <summary>Reflectance per band below the surface.</summary>
    public IReadOnlyList<double> Inside => inside;

    public static PaintStack OnSkin(Lab skin) =>
        new([.. SkinTone.Reflectance(skin).Select(SurfaceReflection.Inside)]);

    /// <summary>A dry film laid on top.</summary>
    /// <param name="thicknessUm">µm dry, 0 or more.</param>
    public PaintStack With(PaintOptics paint, double thicknessUm) => new(paint.Over(inside, thicknessUm));

    /// <summary>Two films laid while wet run together into one of both thicknesses.</summary>
    public PaintStack WithWetIntoWet(PaintOptics lower, double lowerUm, PaintOptics upper, double upperUm)
    {
        var total = lowerUm + upperUm;
        if (total <= 0)
        {
            return this;
        }

        double[] Mixed(double[] a, double[] b) => [.. a.Zip(b, (x, y) => (x * lowerUm + y * upperUm) / total)];
        return With(new(Mixed(lower.K, upper.K), Mixed(lower.S, upper.S)), total);
    }

    public double[] Seen() => [.. inside.Select(SurfaceReflection.SeenWithoutGloss)];

    /// <summary>Colour under D65.</summary>
    public Lab Colour() => Lab.From(Observer.Look(Seen(), Observer.D65));
}
