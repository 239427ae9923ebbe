namespace Datura.Web;

/// <summary>A paint as it behaves on one skin.</summary>
/// <param name="ContrastRatio">Of one usual coat over the card's black and white, 0 to 1; 0.98 hides.</param>
/// <param name="CoatsToHide">Coats until this skin is hidden; null when more than eight.</param>
/// <param name="OneCoat">Colour of one usual coat on this skin.</param>
public sealed record PaintOnSkin(
    string Id, string Name, Material Material, Finish Finish, string OverBlack, string OverWhite, string OneCoat, string Opaque,
    double ContrastRatio, int? CoatsToHide, double CoatFilmUm, double DryingSeconds, bool NearEyes, bool OnLips, double? LeftMl, double? Price, SplitStripe? Stripe,
    CardResource Card);
