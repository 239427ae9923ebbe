namespace Datura.Web;

/// <summary>A paint of a kit with the colours one sees.</summary>
public sealed record PaintResource(
    string Id, string Name, Material Material, Finish Finish, string OpaqueColour, string OverBlack, string OverWhite,
    double CoatFilmUm, double DryingSeconds, bool NearEyes, bool OnLips, SplitStripe? Stripe);
