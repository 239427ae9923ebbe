namespace Datura.Web;

/// <summary>A coat in the stack of a look.</summary>
/// <param name="Key">Named part/role.</param>
/// <param name="Part">The part it belongs to, as it is called.</param>
/// <param name="Coat">What the part calls it.</param>
/// <param name="Colour">As it is seen in place.</param>
/// <param name="Touches">Keys of the coats it shares ground with; with all others it makes no difference which lies on which.</param>
/// <param name="Decided">Whether the painter has laid it over or under one of them.</param>
public sealed record StackedCoat(string Key, string PartId, string Part, string Coat, string Paint, string Colour, IReadOnlyList<string> Touches, bool Decided);
