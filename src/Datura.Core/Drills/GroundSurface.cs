namespace Datura.Core.Drills;

/// <summary>
/// What is painted on, rolled flat: a card, or the back of a hand or the upper side of a forearm as a piece of a cone, which rolls flat without stretch
/// (from memory). Flat mm from the upper left, y down: fingers and wrist are above.
/// </summary>
public sealed class GroundSurface
{
    private const double MarginMm = 10;
    private const int Pieces = 24;

    // How round the back of a hand is, against half its breadth; and how far round an arm one paints from above (by judgement).
    private const double HandRound = 1.9;
    private const double ArmReachRad = 1.1;

    // The wrist is so much broader than it would be round.
    private const double WristFlat = 1.12;

    // Where the marks lie between the middle and the edge.
    private const double MarkShare = 0.8;

    private readonly double top;     // radius of the cone above
    private readonly double bottom;
    private readonly double longMm;
    private readonly double reachTop; // half the angle that is painted
    private readonly double reachBottom;
    private readonly ChartPoint shift; // from the middle of its upper edge to the upper left

    private GroundSurface(DrillGround ground, double topRadius, double bottomRadius, double longMm, double reachTop, double reachBottom)
    {
        Ground = ground;
        (top, bottom, this.longMm, this.reachTop, this.reachBottom) = (topRadius, bottomRadius, longMm, reachTop, reachBottom);
        var rim = Rim().ToArray();
        shift = new(MarginMm - rim.Min(p => p.XMm), MarginMm - rim.Min(p => p.YMm));
        Outline = [.. rim.Select(p => p + shift)];
        (WidthMm, HeightMm) = (Outline.Max(p => p.XMm) + MarginMm, Outline.Max(p => p.YMm) + MarginMm);
    }

    private GroundSurface(double widthMm, double heightMm, double insetMm)
    {
        Ground = DrillGround.Card;
        (WidthMm, HeightMm) = (widthMm, heightMm);
        Outline = [new(insetMm, insetMm), new(widthMm - insetMm, insetMm), new(widthMm - insetMm, heightMm - insetMm), new(insetMm, heightMm - insetMm)];
    }

    public DrillGround Ground { get; }

    /// <summary>Of the flat sheet that holds it.</summary>
    public double WidthMm { get; }

    public double HeightMm { get; }

    /// <summary>Closed, without its first point again: what may be painted.</summary>
    public IReadOnlyList<ChartPoint> Outline { get; }

    /// <summary>
    /// Four places to find in a photo, from the upper left round the way: the corners of a card's frame; of a left hand with its fingers up the knuckles of
    /// little finger and index, and the wrist below them; of an arm the wrist's two bones and the two ends of its thickest line.
    /// </summary>
    public IReadOnlyList<ChartPoint> Marks => Ground == DrillGround.Card ? Outline
        : [OnCone(-MarkShare * reachTop, 0), OnCone(MarkShare * reachTop, 0), OnCone(MarkShare * reachBottom, longMm), OnCone(-MarkShare * reachBottom, longMm)];

    public ChartPoint Middle => new((Outline.Min(p => p.XMm) + Outline.Max(p => p.XMm)) / 2, (Outline.Min(p => p.YMm) + Outline.Max(p => p.YMm)) / 2);

    /// <exception cref="InputException">A measure is nonsense.</exception>
    public static GroundSurface Of(DrillGround ground, HandMeasures hand)
    {
        if (!(Limits.Hold<HandMeasures>(nameof(hand.KnucklesMm), hand.KnucklesMm) && Limits.Hold<HandMeasures>(nameof(hand.BackMm), hand.BackMm) && Limits.Hold<HandMeasures>(nameof(hand.WristMm), hand.WristMm)
            && Limits.Hold<HandMeasures>(nameof(hand.ForearmMm), hand.ForearmMm) && Limits.Hold<HandMeasures>(nameof(hand.ForearmLongMm), hand.ForearmLongMm)))
        {
            throw new InputException("hand", ProblemCode.HandMeasures);
        }

        var (knuckles, wrist, arm) = (hand.KnucklesMm / 2, WristFlat * hand.WristMm / (2 * Math.PI), hand.ForearmMm / (2 * Math.PI));
        return ground switch
        {
            DrillGround.Card => new(PracticeCard.WidthMm, PracticeCard.HeightMm, PracticeCard.FrameMm),
            DrillGround.Hand => new(ground, HandRound * knuckles, HandRound * wrist, hand.BackMm, Math.Asin(1 / HandRound), Math.Asin(1 / HandRound)),
            DrillGround.Forearm => new(ground, hand.WristMm / (2 * Math.PI), arm, hand.ForearmLongMm, ArmReachRad, ArmReachRad),
            _ => throw new ArgumentOutOfRangeException(nameof(ground)),
        };
    }

    /// <summary>Where a flat place lies as seen from straight above: mm, on the same sheet.</summary>
    public ChartPoint Seen(ChartPoint flat)
    {
        if (Ground == DrillGround.Card)
        {
            return flat;
        }

        var at = flat - shift;
        var slant = Slant;
        var turn = (bottom - top) / slant; // sine of the half-angle of the cone
        if (Math.Abs(turn) < 1e-6)
        {
            return new ChartPoint(top * Math.Sin(at.XMm / top), at.YMm) + shift;
        }

        // From the tip of the cone; an arm opens downwards, a hand upwards.
        var tip = top / turn;
        var (x, y) = (at.XMm, at.YMm + tip);
        var away = Math.CopySign(Math.Sqrt(x * x + y * y), tip);
        var angle = Math.Atan2(x / Math.Sign(tip), y / Math.Sign(tip)) / turn;
        var radius = Math.Abs(away * turn);
        return new ChartPoint(radius * Math.Sin(angle), (away - tip) * (longMm / slant)) + shift;
    }

    private double Slant => Math.Sqrt(longMm * longMm + (bottom - top) * (bottom - top));

    // A place by its angle round the cone and how far down it, flat.
    private ChartPoint OnCone(double angleRad, double downMm) => Rolled(angleRad, downMm) + shift;

    private ChartPoint Rolled(double angleRad, double downMm)
    {
        var slant = Slant;
        var (turn, along) = ((bottom - top) / slant, downMm / longMm * slant);
        if (Math.Abs(turn) < 1e-6)
        {
            return new(top * angleRad, along);
        }

        var tip = top / turn;
        var away = tip + along;
        var theta = angleRad * turn;
        return new(away * Math.Sin(theta), away * Math.Cos(theta) - tip);
    }

    private IEnumerable<ChartPoint> Rim()
    {
        double Share(int k) => k / (double)Pieces;
        return Enumerable.Range(0, Pieces).Select(k => Rolled(reachTop * (2 * Share(k) - 1), 0))
            .Concat(Enumerable.Range(0, Pieces).Select(k => Rolled(reachTop + Share(k) * (reachBottom - reachTop), Share(k) * longMm)))
            .Concat(Enumerable.Range(0, Pieces).Select(k => Rolled(reachBottom * (1 - 2 * Share(k)), longMm)))
            .Concat(Enumerable.Range(0, Pieces).Select(k => Rolled(-reachBottom - Share(k) * (reachTop - reachBottom), (1 - Share(k)) * longMm)));
    }
}
