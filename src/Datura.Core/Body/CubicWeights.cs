namespace Datura.Core.Body;

/// <summary>Shares of four nodes in a row for a place between the middle two, by Catmull and Rom.</summary>
internal readonly record struct CubicWeights(double A, double B, double C, double D)
{
    public double this[int k] => k switch
    {
        0 => A,
        1 => B,
        2 => C,
        _ => D,
    };

    /// <param name="t">From the second node to the third, 0 to 1.</param>
    public static CubicWeights Of(double t)
    {
        double t2 = t * t, t3 = t2 * t;
        return new(0.5 * (-t3 + 2 * t2 - t), 0.5 * (3 * t3 - 5 * t2 + 2), 0.5 * (-3 * t3 + 4 * t2 + t), 0.5 * (t3 - t2));
    }

    /// <summary>The same for the derivative by t.</summary>
    public static CubicWeights SlopesOf(double t)
    {
        var t2 = t * t;
        return new(0.5 * (-3 * t2 + 4 * t - 1), 0.5 * (9 * t2 - 10 * t), 0.5 * (-9 * t2 + 8 * t + 1), 0.5 * (3 * t2 - 2 * t));
    }
}
