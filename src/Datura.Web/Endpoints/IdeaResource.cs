namespace Datura.Web;

/// <summary>An idea that a brief can name.</summary>
/// <param name="Id">Null for one that ships with the program.</param>
/// <param name="Revision">Null for one that ships with the program.</param>
public sealed record IdeaResource(string? Id, int? Revision, string Name, IReadOnlyList<string> Words, string Leads);
