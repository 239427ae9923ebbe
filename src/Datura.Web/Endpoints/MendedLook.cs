namespace Datura.Web;

/// <summary>A look with the smallest change that meets a rule, not kept yet.</summary>
/// <param name="Look">Null when no single change is known that meets it and breaks no other.</param>
/// <param name="Revision">Of the kept look that it was made from.</param>
/// <param name="Changes">What differs, in the words of saves.</param>
public sealed record MendedLook(Look? Look, int Revision, IReadOnlyList<Datura.Documents.DocumentDifference> Changes);
