using Datura.Core.Supply;

namespace Datura.Web;

/// <summary>What goes into a case.</summary>
/// <param name="Problems">Why a line is not packed, by its place; null where it is.</param>
public sealed record PackedResource(PackedCase Packed, IReadOnlyList<SmallThing> Small, IReadOnlyList<string?> Problems);
