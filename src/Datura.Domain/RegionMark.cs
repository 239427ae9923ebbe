using NetTopologySuite.Geometries;

namespace Datura.Domain;

/// <summary>A closed figure to be filled.</summary>
/// <param name="EdgeMm">Width over which the film thins out at the outline; half of it lies outside.</param>
/// <param name="Fade">Optional thinning down the body.</param>
public sealed record RegionMark(string Role, Side Side, Geometry Outline, double EdgeMm, Fade? Fade = null) : Mark(Role, Side)
{
    /// <summary>What is left bare for other parts, up to a clean edge; the outline is already without it.</summary>
    public Reserve? Reserve { get; init; }

    /// <summary>Optional thinning towards one side.</summary>
    public FadeAcross? Across { get; init; }

    /// <summary>A shade pulled out of an edge that is there: seen, but not filled by itself.</summary>
    public bool Pulled { get; init; }

    public override Envelope Box() => Outline.EnvelopeInternal;
}
