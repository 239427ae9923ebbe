namespace Datura.Web;

/// <summary>The answer to a save.</summary>
public sealed record Saved(string Id, int Revision);
