namespace Datura.Core.Order;

/// <summary>Who paints, and how.</summary>
/// <param name="Painters">One, or two on one face.</param>
/// <param name="RightHanded">Which hand holds the brush.</param>
public sealed record Crew(int Painters, bool RightHanded)
{
    public static Crew One { get; } = new(1, true);
}
