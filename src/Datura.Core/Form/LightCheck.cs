namespace Datura.Core.Form;

/// <summary>Whether the light on a face can be.</summary>
public static class LightCheck
{
    /// <returns>What is wrong, or null.</returns>
    public static ProblemCode? Of(FaceLight light) => light switch
    {
        _ when !(light.Ambient is >= 0 and <= 1) || light.Lamps.Any(l => !(l.Level is >= 0 and <= 100) || !(l.SpreadDeg is >= 0 and <= 90) || !(Math.Abs(l.AzimuthDeg) <= 360) || !(Math.Abs(l.ElevationDeg) <= 90)) => ProblemCode.LampPlaces,
        _ when light.Lamps.Select(l => OfDistance(l.DistanceM)).FirstOrDefault(p => p is not null) is { } problem => problem,
        { Ambient: <= 0 } when light.Lamps.Sum(l => l.Level) <= 0 => ProblemCode.DarkFace,
        _ => null,
    };

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
