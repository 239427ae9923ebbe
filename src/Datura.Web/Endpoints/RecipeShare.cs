namespace Datura.Web;

public sealed record RecipeShare(string Paint, string Name, double Parts);
