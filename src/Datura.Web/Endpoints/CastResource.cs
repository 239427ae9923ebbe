namespace Datura.Web;

/// <summary>A cast: the film that takes this skin to a lightness.</summary>
/// <param name="FilmUm">µm dry; null when this paint does not take this skin so far.</param>
/// <param name="Share">Of the usual film.</param>
/// <param name="SkinL">L* of the bare skin.</param>
/// <param name="OpaqueL">L* of the paint when nothing shows through: as far as it goes.</param>
public sealed record CastResource(double? FilmUm, double? Share, string? Seen, double SkinL, double OpaqueL);
