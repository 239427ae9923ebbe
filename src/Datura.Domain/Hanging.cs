using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Where a part hangs instead of its kind's own place, and how it is turned there.</summary>
/// <param name="At">A landmark without its side, or a zone; null for the kind's own place, or that on another part.</param>
/// <param name="On">Id of the part it hangs on and follows.</param>
/// <param name="Where">Where on that part.</param>
/// <param name="Share">How far round that part's outline, from its top towards the wearer's left, 0 to 1.</param>
/// <param name="OffMm">Off that part's outline, outwards.</param>
/// <param name="TurnDeg">Counter-clockwise as seen on the wearer's left.</param>
/// <param name="Once">Once, on the mid-line.</param>
public sealed record Hanging(
    [property: StringLength(40)] string? At = null,
    [property: StringLength(Limits.LongestName)] string? On = null,
    HostPlace Where = HostPlace.Middle,
    [property: Range(0, 1)] double Share = 0,
    [property: Range(-40, 60)] double OffMm = 0,
    [property: Range(-180, 180)] double TurnDeg = 0,
    bool Once = false);
