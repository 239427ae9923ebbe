namespace Datura.Web;

/// <summary>What can be kept in how many minutes.</summary>
/// <param name="Curve">From the shortest to all of it.</param>
/// <param name="Chosen">The one for the slot; null when none fits.</param>
/// <param name="Said">In words.</param>
/// <param name="Named">Index of the version for each of some usual slots, null where none fits.</param>
/// <param name="Gap">No version that fits the slot keeps more than this share beyond the chosen one; 0 when it is the best.</param>
public sealed record VersionsResource(IReadOnlyList<VersionResource> Curve, int? Chosen, string Said, IReadOnlyList<NamedVersion> Named, double Gap);
