using NetTopologySuite.Geometries;

namespace Datura.Domain;

/// <summary>Areas spared from a coat.</summary>
/// <param name="Whole">The coat's outline as it would be without them: their edges are clean, however soft its own is.</param>
public sealed record Reserve(Geometry Whole, Geometry Spared)
{
    /// <summary>A sponge is held off by hand to about this (common practice).</summary>
    public const double EdgeMm = 1;
}
