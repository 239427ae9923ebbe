using Datura.Core.Order;

namespace Datura.Core.Fit;

/// <summary>One way to have less of a part.</summary>
/// <param name="Impact">Share of the painted picture that is lost, 0 to 1, by area-weighted ΔE00 at the viewing distance.</param>
/// <param name="What">What is done differently, in words.</param>
/// <param name="Jobs">The coats that are left of it.</param>
internal sealed record LesserPart(PartVersion Version, double Impact, IReadOnlyList<string> What, IReadOnlyList<CoatJob> Jobs);

/// <summary>A part with what can be done to save time on it.</summary>
internal sealed record PartChoice(string PartId, string Label, Priority Priority, IReadOnlyList<CoatJob> Full, IReadOnlyList<LesserPart> Lesser)
{
    /// <summary>What the choice weighs for a lesser way: its impact by how much the part matters.</summary>
    // An extra goes twice as easily as something nice (common practice: extras are what a booth drops first); where musts may go at
    // all, as few of them as can be.
    public double Cost(LesserPart lesser) => Priority switch
    {
        Priority.Extra => 0.5 * lesser.Impact,
        Priority.Must when lesser.Version == PartVersion.Out => 1 + lesser.Impact,
        _ => lesser.Impact,
    };
}
