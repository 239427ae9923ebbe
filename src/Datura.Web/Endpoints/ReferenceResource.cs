namespace Datura.Web;

/// <summary>A reference picture without its pixels; they have an address of their own.</summary>
public sealed record ReferenceResource(string Id, int Revision, string Name, string Notes);
