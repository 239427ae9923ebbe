namespace Datura.Core.Form;

/// <summary>Whether the light on a face can be.</summary>
public static class LightCheck
{
    /// <returns>What is wrong, or null.</returns>
    public static ProblemCode? Of(FaceLight light) => light switch
    {
        _ when !Limits.Hold<Setting>(nameof(light.Ambient), light.Ambient) || !light.Lamps.All(Stands) => ProblemCode.LampPlaces,
        _ when light.Lamps.Select(l => OfDistance(l.DistanceM)).FirstOrDefault(p => p is not null) is { } problem => problem,
        { Ambient: <= 0 } when light.Lamps.Sum(l => l.Level) <= 0 => ProblemCode.DarkFace,
        _ => null,
    };

    /// <summary>Whether there is such a place round a head and such a strength, whatever the distance.</summary>
    public static bool Stands(LampPlace lamp) =>
        Limits.Hold<LampPlace>(nameof(lamp.Level), lamp.Level) && Limits.Hold<LampPlace>(nameof(lamp.SpreadDeg), lamp.SpreadDeg)
        && Limits.Hold<LampPlace>(nameof(lamp.AzimuthDeg), lamp.AzimuthDeg) && Limits.Hold<LampPlace>(nameof(lamp.ElevationDeg), lamp.ElevationDeg);

    /// <returns>Why a lamp cannot stand there, or null.</returns>
    public static ProblemCode? OfDistance(double? metres) => metres switch
    {
        null or (>= LampPlace.NearestM and <= LampPlace.FarthestM) => null,
        < LampPlace.NearestM => ProblemCode.LampTooNear,
        _ => ProblemCode.LampTooFar,
    };

    /// <exception cref="InputException">No light, or a lamp that cannot be.</exception>
    public static void Check(this FaceLight light)
    {
        if (Of(light) is { } problem)
        {
            throw new InputException("lamps", problem);
        }
    }
}
