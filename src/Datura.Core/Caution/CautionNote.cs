namespace Datura.Core.Caution;

public enum Severity
{
    Note,
    Warning,
    Stop,
}

/// <summary>What can happen, and what to do instead.</summary>
/// <param name="PartId">The part it concerns; null for the whole work.</param>
public sealed record CautionNote(Severity Severity, string Sentence, string? PartId);
