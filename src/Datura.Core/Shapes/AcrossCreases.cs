using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>Keeps cracks and veins from running along a crease of the skin; they cross it (common practice).</summary>
public static class AcrossCreases
{
    // Flatter than this to a crease a line would look as if it were the crease, rad (by judgement).
    private const double FlattestRad = 0.6;

    /// <returns>The heading, turned so that it crosses the crease at a place, if there is one; rad.</returns>
    public static double Turned(FittedBody body, ChartPoint at, double headingRad)
    {
        if (SkinCreases.HeadingRad(body, at) is not { } crease)
        {
            return headingRad;
        }

        // A crease has no forward and no back.
        var off = Math.IEEERemainder(headingRad - crease, Math.PI);
        return Math.Abs(off) >= FlattestRad ? headingRad : headingRad + (off < 0 ? -1 : 1) * (FlattestRad - Math.Abs(off));
    }
}
