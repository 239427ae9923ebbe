namespace Datura.Web;

/// <summary>A lamp of the list.</summary>
/// <param name="Colour">What a white looks like under it to an eye that has settled.</param>
public sealed record LampResource(string Id, string Name, string Colour);
