namespace Datura.Core.Body;

/// <summary>One way in which people differ: a smooth displacement of the reference body.</summary>
/// <param name="Id">Id of the measure it mainly serves, or "size" and "trunk" for what everything shares.</param>
/// <param name="Spread">How much of it people usually differ by, in its own unit; weighs it against the other modes.</param>
/// <param name="Move">Displacement (mm) of a reference point by one unit of the mode.</param>
public sealed record BodyMode(string Id, double Spread, Func<Vec3, Vec3> Move);
