namespace Datura.Web;

/// <summary>An idea that a brief can name.</summary>
public sealed record IdeaResource(string Name, IReadOnlyList<string> Words, string Leads);
