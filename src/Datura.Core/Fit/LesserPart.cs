using Datura.Core.Order;

namespace Datura.Core.Fit;

/// <summary>One way to have less of a part.</summary>
/// <param name="Impact">Share of the painted picture that is lost, 0 to 1, by area-weighted ΔE00 at the viewing distance.</param>
/// <param name="What">What is done differently, in words.</param>
/// <param name="Jobs">The coats that are left of it.</param>
internal sealed record LesserPart(PartVersion Version, double Impact, IReadOnlyList<string> What, IReadOnlyList<CoatJob> Jobs)
{
    /// <summary>Roles whose coats are left out of a part that is painted otherwise in full.</summary>
    public IReadOnlyList<string> Without { get; init; } = [];

    /// <summary>Tells the ways of one part apart.</summary>
    public string Key => Without.Count == 0 ? $"{Version}" : string.Join('+', Without);
}
