namespace Datura.Web;

/// <summary>A coat of a part and one of another that it touches.</summary>
/// <param name="Coat">Of the part, named part/role.</param>
/// <param name="Label">What the part calls it.</param>
/// <param name="Other">The other coat.</param>
/// <param name="OtherLabel">Its part and what that calls it.</param>
/// <param name="Over">Whether the part's coat lies over the other.</param>
/// <param name="Decided">Whether the painter laid it so.</param>
/// <param name="Why">The rule by which it lies so, in words.</param>
public sealed record TouchResource(string Coat, string Label, string Other, string OtherLabel, bool Over, bool Decided, string Why);
