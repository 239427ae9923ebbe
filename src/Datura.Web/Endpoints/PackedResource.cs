using Datura.Core.Supply;

namespace Datura.Web;

/// <summary>What goes into a case.</summary>
/// <param name="Problems">Why a line is not packed, by its place; null where it is.</param>
/// <param name="Calendar">What must be done on which day; nothing while the first evening is open.</param>
public sealed record PackedResource(PackedCase Packed, IReadOnlyList<SmallThing> Small, IReadOnlyList<string?> Problems, IReadOnlyList<CalendarEntry> Calendar);
