using NetTopologySuite.Geometries;

namespace Datura.Core.Form;

/// <summary>One tone of a banded map.</summary>
/// <param name="Number">1 is the lightest; the base has the number of its place.</param>
/// <param name="Change">L* against the base, negative for a shade.</param>
/// <param name="Outline">Where it is painted; deeper shades lie within lighter ones, brighter lights within softer ones.</param>
public sealed record Tone(int Number, double Change, Geometry Outline)
{
    public bool IsLight => Change > 0;
}
