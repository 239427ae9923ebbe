namespace Datura.Web;

/// <summary>The book as a file.</summary>
public sealed record WholeBook(IReadOnlyList<WholeSession> Sessions);
