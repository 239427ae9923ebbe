namespace Datura.Core.Paint;

/// <summary>What a paint looks like when it is thick enough that no ground shows.</summary>
public sealed class PaintStackProbe(PaintOptics paint)
{
    // No cosmetic paint shows its ground through a millimetre.
    private const double OpaqueUm = 1000;

    /// <summary>Reflectance seen per band.</summary>
    public double[] OpaqueReflectance { get; } = [.. paint.Over(new double[Spectrum.Bands], OpaqueUm).Select(SurfaceReflection.SeenWithoutGloss)];

    /// <summary>Its colour by day.</summary>
    public Lab OpaqueColour => Lab.From(Observer.Look(OpaqueReflectance, Observer.D65));
}
