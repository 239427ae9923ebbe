namespace Datura.Core.Paint;

/// <summary>The nearest mixes to a wanted colour from the paints at hand.</summary>
/// <param name="Best">Of at most three paints, the nearest; fewer paints win when they are as near within half a ΔE00.</param>
/// <param name="Single">The nearest paint by itself.</param>
public sealed record RecipeAnswer(Recipe Best, Recipe Single);
