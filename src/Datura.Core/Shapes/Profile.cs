namespace Datura.Core.Shapes;

/// <summary>How a stroke's width runs from its start to its end.</summary>
public static class Profile
{
    /// <summary>Press and lift: thick at the root, a point at the tip.</summary>
    public static Func<double, double> ThickToThin(double mm) => t => mm * Math.Pow(1 - t, 0.8);

    /// <summary>Thin at both ends, full in the middle.</summary>
    public static Func<double, double> Swelling(double mm) => t => mm * Math.Sin(Math.PI * (0.06 + 0.88 * t));

    public static Func<double, double> Even(double mm) => _ => mm;
}
