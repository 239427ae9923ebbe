namespace Datura.Web;

/// <summary>A mix that makes a colour.</summary>
public sealed record RecipeResource(IReadOnlyList<RecipeShare> Shares, string Colour, string OnSkin, double DeltaE);
