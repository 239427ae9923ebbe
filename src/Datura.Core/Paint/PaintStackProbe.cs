namespace Datura.Core.Paint;

/// <summary>What a paint looks like when it is thick enough that no ground shows.</summary>
public sealed class PaintStackProbe(PaintOptics paint)
{
    // No cosmetic paint shows its ground through a millimetre.
    private const double OpaqueUm = 1000;

    public Lab OpaqueColour { get; } = Lab.From(Observer.Look(
        [.. paint.Over(new double[Spectrum.Bands], OpaqueUm).Select(SurfaceReflection.SeenWithoutGloss)], Observer.D65));
}
