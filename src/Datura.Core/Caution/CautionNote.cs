using Datura.Core.Body;

namespace Datura.Core.Caution;

public enum Severity
{
    Note,
    Warning,
    Stop,
}

/// <summary>What can happen, and what to do instead.</summary>
/// <param name="PartId">The part it concerns; null for the whole work.</param>
/// <param name="At">Where on the chart it shows; null when it is nowhere in particular.</param>
public sealed record CautionNote(Severity Severity, string Sentence, string? PartId, ChartPoint? At = null);
