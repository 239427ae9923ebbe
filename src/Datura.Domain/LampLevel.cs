using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A lamp and how strongly it shines, as a share of the others.</summary>
/// <param name="AzimuthDeg">Where it stands: 0 in front, positive towards the wearer's left.</param>
/// <param name="ElevationDeg">Up from the level of the face, negative from below.</param>
/// <param name="SpreadDeg">Half angle under which it is seen; large is soft.</param>
/// <param name="DistanceM">From the face; null for far off.</param>
public sealed record LampLevel(string Lamp, [property: Range(0, 10)] double Level, [property: Range(-360, 360)] double AzimuthDeg = 0, [property: Range(-90, 90)] double ElevationDeg = 20,
    [property: Range(0, 90)] double SpreadDeg = 45, [property: Range(LampPlace.NearestM, LampPlace.FarthestM)] double? DistanceM = null);
