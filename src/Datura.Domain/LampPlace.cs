using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A lamp as form sees it.</summary>
/// <param name="AzimuthDeg">0 in front of the wearer, positive towards the wearer's left.</param>
/// <param name="ElevationDeg">0 level with the face, 90 straight above, negative from below.</param>
/// <param name="SpreadDeg">Half angle under which the lamp is seen: 0 a point, 30 a large soft box.</param>
/// <param name="Level">Strength on the face against the others.</param>
/// <param name="DistanceM">From the root of the nose; null for a lamp so far off that it lights every place from the same side.</param>
public sealed record LampPlace([property: Range(-360, 360)] double AzimuthDeg, [property: Range(-90, 90)] double ElevationDeg, [property: Range(0, 90)] double SpreadDeg = 12,
    [property: Range(0, 100)] double Level = 1, [property: Range(LampPlace.NearestM, LampPlace.FarthestM)] double? DistanceM = null)
{
    /// <summary>Nearer it would stand in or against the head.</summary>
    public const double NearestM = 0.25;

    /// <summary>Farther off the distance tells nothing any more.</summary>
    public const double FarthestM = 100;

    /// <summary>Towards the lamp, unit length: x to the wearer's left, y up, z forward.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public Vec3 Towards
    {
        get
        {
            var (sinA, cosA) = Math.SinCos(AzimuthDeg * Math.PI / 180);
            var (sinE, cosE) = Math.SinCos(ElevationDeg * Math.PI / 180);
            return new(sinA * cosE, sinE, cosA * cosE);
        }
    }
}
