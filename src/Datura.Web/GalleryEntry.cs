using Datura.Core.Fit;

namespace Datura.Web;

/// <summary>A look in the gallery.</summary>
/// <param name="Facts">Null until it has been drawn as it is now.</param>
public sealed record GalleryEntry(string Id, string Name, int Revision, DateTime SavedAt, string? Production, IReadOnlyList<string> Tags, LookFacts? Facts);
