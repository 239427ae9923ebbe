namespace Datura.Core.Shapes;

/// <summary>
/// Where the feet of an eight-legged creature lie, by multiples of its own body (common practice). Its lowest point is the origin, up
/// is along its heading; the first side is the positive one. All mm.
/// </summary>
/// <param name="Whole">Front and abdomen together.</param>
public sealed record FootRule(double Whole)
{
    private const double OneCm = 10;
    private const double TwoCm = 20;

    // A creature too small for two centimetres along the line sets its foot less than half-way (by judgement).
    private const double MostAlong = 0.45;

    public double AbdomenHeight => 0.62 * Whole;

    public double AbdomenWidth => 0.46 * Whole;

    public double FrontHeight => Whole - AbdomenHeight;

    public double FrontWidth => 0.3 * Whole;

    /// <summary>
    /// The eight feet in the order they are dotted in: the first on the first side, the next four on the other, the last three on the
    /// first again.
    /// </summary>
    public IReadOnlyList<(double Side, double Up)> Feet
    {
        get
        {
            var (h, w) = (AbdomenHeight, AbdomenWidth);
            var one = (Side: OneCm, Up: 2 * Whole);
            var two = (Side: -w, one.Up);
            var three = (two.Side, Up: two.Up - h);
            var (toSide, toUp) = (0 - two.Side, h + FrontHeight / 2 - two.Up);
            var line = Math.Sqrt(toSide * toSide + toUp * toUp);
            var along = Math.Min(TwoCm / line, MostAlong);
            var four = (Side: two.Side + along * toSide, Up: two.Up + along * toUp);
            var five = (four.Side, Up: h);
            var six = (Side: FrontWidth, Up: h + 0.12 * Whole);
            var seven = (Side: 0.5 * w + 0.08 * Whole, Up: 0.1 * h);
            var eight = (seven.Side, Up: -seven.Side);
            return [one, two, three, four, five, six, seven, eight];
        }
    }

    /// <summary>A height above the lowest point, from the middle of the body.</summary>
    public double Middle(double upMm) => upMm - Whole / 2;

    /// <summary>How far back on the front a leg springs: 0 to 3.</summary>
    public static int RowOf(int foot) => foot is >= 1 and <= 4 ? foot - 1 : foot == 0 ? 0 : foot - 4;
}
