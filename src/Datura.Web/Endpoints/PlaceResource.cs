namespace Datura.Web;

/// <summary>A place a part can be hung at.</summary>
/// <param name="Id">A landmark without its side, or a zone.</param>
/// <param name="Label">The painter's words.</param>
/// <param name="IsPair">Whether there is one on either side.</param>
public sealed record PlaceResource(string Id, string Label, bool IsPair);
