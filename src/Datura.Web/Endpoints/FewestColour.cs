namespace Datura.Web;

/// <param name="Was">The colour as the look has it.</param>
public sealed record FewestColour(string Use, string Was, RecipeResource Now);
