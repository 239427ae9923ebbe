using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>A place of anatomy that is looked for in photos.</summary>
/// <param name="Name">The landmark's, or a number of the face finder with an n before it.</param>
/// <param name="At">Where it lies on every body.</param>
/// <param name="SpreadMm">How far off it is usually found or pointed at on a painted face, as a standard deviation (by judgement).</param>
public sealed record PhotoPlace(string Name, SkinPoint At, double SpreadMm)
{
    /// <summary>What the face finder calls it; null for one that only a person can point at.</summary>
    public int? Number { get; init; }
}
