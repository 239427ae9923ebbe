using System.Numerics;
using Datura.Core.Body;

namespace Datura.Core.Form;

/// <summary>A lamp as form sees it.</summary>
/// <param name="AzimuthDeg">0 in front of the wearer, positive towards the wearer's left.</param>
/// <param name="ElevationDeg">0 level with the face, 90 straight above, negative from below.</param>
/// <param name="SpreadDeg">Half angle under which the lamp is seen: 0 a point, 30 a large soft box.</param>
/// <param name="Level">Strength on the face against the others.</param>
/// <param name="DistanceM">From the root of the nose; null for a lamp so far off that it lights every place from the same side.</param>
public sealed record LampPlace(double AzimuthDeg, double ElevationDeg, double SpreadDeg = 12, double Level = 1, double? DistanceM = null)
{
    /// <summary>Nearer it would stand in or against the head.</summary>
    public const double NearestM = 0.25;

    /// <summary>Farther off the distance tells nothing any more.</summary>
    public const double FarthestM = 100;

    /// <summary>A sentence when the lamp cannot stand there.</summary>
    public static string? DistanceProblem(double? metres) => metres switch
    {
        null or (>= NearestM and <= FarthestM) => null,
        < NearestM => "The lamp stands in or against the head. Put it at least 25 cm away from the face.",
        _ => "A lamp so far off lights the whole face alike. Leave its distance out, or give one up to 100 m.",
    };

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

/// <summary>All the light on a face.</summary>
/// <param name="Ambient">Share that comes from everywhere, 0 to 1.</param>
public sealed record FaceLight(IReadOnlyList<LampPlace> Lamps, double Ambient)
{
    /// <summary>What a painting pretends unless told otherwise: high in front, a little to one side (common practice).</summary>
    public static FaceLight Pretended { get; } = new([new(-14, 48, 18)], 0.25);

    /// <summary>A room or a washed stage: soft, from the front (common practice).</summary>
    public static FaceLight Usual { get; } = new([new(0, 20, 45)], 0.5);

    /// <exception cref="InputException">No light, or a lamp that cannot be.</exception>
    public void Check()
    {
        if (!(Ambient is >= 0 and <= 1) || Lamps.Any(l => !(l.Level is >= 0 and <= 100) || !(l.SpreadDeg is >= 0 and <= 90) || !(Math.Abs(l.AzimuthDeg) <= 360) || !(Math.Abs(l.ElevationDeg) <= 90)))
        {
            throw new InputException("A lamp stands between −90° and 90° up or down and −360° and 360° round the head, seen under a half angle of 0° to 90°; the share from everywhere goes from 0 to 1.");
        }

        if (Lamps.Select(l => LampPlace.DistanceProblem(l.DistanceM)).FirstOrDefault(p => p is not null) is { } problem)
        {
            throw new InputException(problem);
        }

        if (Ambient <= 0 && Lamps.Sum(l => l.Level) <= 0)
        {
            throw new InputException("There is no light on the face. Switch a lamp on, or give some light from everywhere.");
        }
    }
}

/// <summary>How much light a place gets.</summary>
public static class Irradiance
{
    /// <summary>
    /// Of a lamp that is seen under a half angle, by the cosine towards its middle: Lambert's cosine while the whole lamp is above
    /// the horizon of the surface, nothing when it is below, and in between the square of what is above (a disc's even fall).
    /// </summary>
    /// <param name="cos">Cosine between the surface's normal and the lamp.</param>
    public static double OfLamp(double cos, double spreadDeg) => Fall(cos, Math.Sin(spreadDeg * Math.PI / 180));

    /// <summary>The same by the sine of the half angle.</summary>
    internal static T Fall<T>(T cos, T sin)
        where T : struct, INumber<T>
    {
        var four = T.CreateChecked(4);
        return cos >= sin ? cos : cos <= -sin ? T.Zero : (cos + sin) * (cos + sin) / (four * sin);
    }

    /// <summary>Of a small lamp at a distance, against the same at another: the inverse square law.</summary>
    public static double AtDistance(double metres, double referenceMetres = 1) => referenceMetres * referenceMetres / (metres * metres);
}
