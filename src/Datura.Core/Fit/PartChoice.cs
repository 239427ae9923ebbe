using Datura.Core.Order;

namespace Datura.Core.Fit;

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
