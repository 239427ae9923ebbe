namespace Datura.Web;

/// <summary>An entry of the book as it is kept.</summary>
public sealed record PaintingResource(string Id, int Revision, Painting Painting);
