namespace Datura.Domain;

/// <summary>From where to where a number may lie, in its own unit.</summary>
/// <param name="OpenBelow">Whether the least itself is too little.</param>
/// <param name="OpenAbove">Whether the most itself is too much.</param>
public readonly record struct Limit(double Least, double Most, bool OpenBelow, bool OpenAbove)
{
    public bool Holds(double value) => (OpenBelow ? value > Least : value >= Least) && (OpenAbove ? value < Most : value <= Most);
}
