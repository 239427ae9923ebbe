namespace Datura.Web;

/// <summary>A wash on one skin.</summary>
/// <param name="Share">Of the usual film.</param>
public sealed record WashResource(IReadOnlyList<RecipeShare> Shares, double FilmUm, double Share, string Seen, double DeltaE);
