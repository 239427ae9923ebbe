namespace Datura.Web;

/// <summary>A document that is new in the studio.</summary>
/// <param name="Kind">look, face, kit or setting.</param>
public sealed record BroughtInDocument(string Kind, string Id, string Name);
