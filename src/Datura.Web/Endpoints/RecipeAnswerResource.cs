namespace Datura.Web;

/// <param name="Deeper">The same hue a shade darker, for its shadows.</param>
public sealed record RecipeAnswerResource(string Wanted, RecipeResource Best, RecipeResource Single, RecipeResource Deeper);
