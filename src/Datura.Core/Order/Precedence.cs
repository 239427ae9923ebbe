namespace Datura.Core.Order;

/// <summary>Which group of coats must come before which, and by which rule.</summary>
public static class Precedence
{
    // A reserved shape that is darker than this waits for the base around it, unless the painter does sockets first.
    private const double LightReserve = 60;

    // Smaller than a fingertip a shape is sponged over and painted on the base (common practice; size from memory).
    private const double LeastSparedMm2 = 120;

    /// <returns>The rule that puts a before b, or null when they are free.</returns>
    public static OrderRule? Rule(CoatGroup a, CoatGroup b, bool overlap, OrderWish? wish = null)
    {
        var order = wish ?? OrderWish.Usual;
        if (a.Stage == Stage.Map)
        {
            return b.Stage == Stage.Map ? null : OrderRules.MapFirst;
        }

        if (b.Stage == Stage.Map)
        {
            return null;
        }

        if (overlap && a.StaysDamp && b.OnDamp)
        {
            return OrderRules.GelFirst;
        }

        if (overlap && b.StaysDamp && a.OnDamp)
        {
            return null;
        }

        if (a.Stage == Stage.Base != (b.Stage == Stage.Base))
        {
            return WithBase(a, b, overlap, order);
        }

        if (b.Stage == Stage.Finish && a.Stage != Stage.Finish && order.Holds(OrderRules.SparkleLast))
        {
            return OrderRules.SparkleLast;
        }

        return Lines(a, b, overlap, order) ?? (overlap ? Overlapping(a, b, order) : null);
    }

    /// <summary>Whether a reserved group goes on before the base around it.</summary>
    /// <param name="figureMm2">Mean size of its figures: a sponge does not go round small ones.</param>
    public static bool BeforeBase(bool reserved, double lightness, double figureMm2, OrderWish order) =>
        reserved && figureMm2 >= LeastSparedMm2 && (lightness >= LightReserve ? order.Holds(OrderRules.ReserveFirst) : order.Sockets == SocketSchool.BeforeBase);

    private static OrderRule? WithBase(CoatGroup a, CoatGroup b, bool overlap, OrderWish order)
    {
        var other = a.Stage == Stage.Base ? b : a;
        if (BeforeBase(other.Reserved, other.Lightness, other.FigureMm2, order))
        {
            return overlap && other == a ? other.Lightness >= LightReserve ? OrderRules.ReserveFirst : OrderRules.DarkReserveFirst : null;
        }

        return other == a ? null
            : overlap ? OrderRules.BaseUnder
            : b.Stage == Stage.Line && order.Lines == LineSchool.Last ? OrderRules.LinesLast
            : b.Stage == Stage.Finish && order.Holds(OrderRules.SparkleLast) ? OrderRules.SparkleLast : null;
    }

    private static OrderRule? Lines(CoatGroup a, CoatGroup b, bool overlap, OrderWish order)
    {
        var own = order.Lines == LineSchool.AlongTheWay;
        if (b.Stage == Stage.Highlight && a.Stage == Stage.Line)
        {
            return order.Holds(OrderRules.LightsAfterLines) && (!own || overlap || SharePart(a, b)) ? OrderRules.LightsAfterLines : null;
        }

        if (b.Stage == Stage.Line && a.Stage is Stage.Depth or Stage.BodyColour)
        {
            return !own ? OrderRules.LinesLast : SharePart(a, b) ? OrderRules.OwnLines : null;
        }

        return null;
    }

    private static OrderRule? Overlapping(CoatGroup a, CoatGroup b, OrderWish order)
    {
        if (a.Stage != b.Stage)
        {
            return a.Stage < b.Stage ? OrderRules.DepthThenColour : null;
        }

        var broad = order.Holds(OrderRules.BroadBeforeFine) ? 1 : 0;
        var lightness = order.Holds(OrderRules.LightBeforeDark) ? 1 : 0;
        // Of one part's coats what its kind names later lies on top; layers of different parts have nothing to do with each other.
        if (Layered(a, b) is var layer && layer != 0)
        {
            return layer < 0 ? OrderRules.Layers : null;
        }

        // The name decides between coats that are alike in everything, so that one of them always goes first.
        var alike = (a.OnDamp, -broad * Broad(a), -lightness * a.Lightness, a.FirstPart).CompareTo((b.OnDamp, -broad * Broad(b), -lightness * b.Lightness, b.FirstPart));
        return alike < 0 || (alike == 0 && string.CompareOrdinal(a.Key, b.Key) < 0)
            ? b.OnDamp && !a.OnDamp ? OrderRules.OnDamp : broad > 0 && a.IsUsuallyBroad && !b.IsUsuallyBroad ? OrderRules.BroadBeforeFine : lightness == 0 ? OrderRules.Layers : OrderRules.LightBeforeDark
            : null;
    }

    /// <summary>Whether only their places in the look tell two overlapping coats apart: no school asks for either on top.</summary>
    public static bool Alike(CoatGroup a, CoatGroup b, OrderWish order) => a.Stage == b.Stage && Layered(a, b) == 0 && a.OnDamp == b.OnDamp
        && (!order.Holds(OrderRules.BroadBeforeFine) || a.IsUsuallyBroad == b.IsUsuallyBroad) && (!order.Holds(OrderRules.LightBeforeDark) || a.Lightness == b.Lightness);

    private static int Layered(CoatGroup a, CoatGroup b) =>
        (from one in a.Jobs from other in b.Jobs where one.PartId == other.PartId && one.Layer != other.Layer select one.Layer.CompareTo(other.Layer)).FirstOrDefault();

    private static int Broad(CoatGroup group) => group.IsUsuallyBroad ? 1 : 0;

    private static bool SharePart(CoatGroup a, CoatGroup b) => a.Jobs.Any(j => b.Jobs.Any(k => j.PartId == k.PartId));
}
