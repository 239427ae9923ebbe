namespace Datura.Core.Order;

/// <summary>A named rule of order.</summary>
/// <param name="Words">As a painter says it; follows "because".</param>
/// <param name="Strict">A strict rule is never broken; a soft one only decides between orders that are equally short.</param>
/// <param name="Switchable">Whether schools differ, so that the painter may switch it off.</param>
/// <param name="Rank">Of two rules that cannot both be kept the lower rank holds and the other gives way.</param>
public sealed record OrderRule(string Id, string Words, bool Strict, bool Switchable, int Rank = 1, string Source = "common practice");

/// <summary>
/// All rules of order. Rules of rank 1 ask what lies on what and follow stage, layer and lightness, so they cannot contradict
/// each other. The others can go round in a circle with them: a spared shape may lie over something that lies over the base that
/// is to come after it. Whether a spared shape goes on before or after the base makes no difference to the picture, so it gives
/// way first to what lies on what; sparkle and lips are only a matter of wear.
/// </summary>
public static class OrderRules
{
    public static readonly OrderRule MapFirst = new("mapFirst", "the map is drawn before paint", true, false);
    public static readonly OrderRule BaseUnder = new("baseUnder", "the base goes under what lies on it", true, false);
    public static readonly OrderRule ReserveFirst = new("reserveFirst", "a light reserved shape goes on before the base around it", true, true, 3);
    public static readonly OrderRule DarkReserveFirst = new("darkReserveFirst", "dark reserved shapes before the base, as this painter does it", true, false, 2);
    public static readonly OrderRule Layers = new("layers", "what lies on top goes on later", true, false);
    public static readonly OrderRule BroadBeforeFine = new("broadBeforeFine", "what is sponged or dusted goes under what is drawn", true, true);
    public static readonly OrderRule LightBeforeDark = new("lightBeforeDark", "light before dark", true, true);
    public static readonly OrderRule DepthThenColour = new("depthThenColour", "depth, then colour, where they overlap", true, false);
    public static readonly OrderRule LinesLast = new("linesLast", "lines last, all in one go", true, false);
    public static readonly OrderRule OwnLines = new("ownLines", "a part's lines follow its own colours", true, false);
    public static readonly OrderRule LightsAfterLines = new("lightsAfterLines", "highlights after lines", true, true);
    public static readonly OrderRule SparkleLast = new("sparkleLast", "sparkle last", true, true, 4);
    public static readonly OrderRule LipsLate = new("lipsLate", "lips late, they are moved most", true, true, 5);
    public static readonly OrderRule DryBetween = new("dryBetween", "what lies beneath must be dry", true, false);
    public static readonly OrderRule IntoWet = new("intoWet", "blended in before it dries", true, false);
    public static readonly OrderRule OnDamp = new("onDamp", "glitter and gems hold on damp paint or gel", true, false);
    public static readonly OrderRule Tied = new("tied", "tied by the painter", true, false);
    public static readonly OrderRule Pinned = new("pinned", "pinned by the painter", true, false);
    public static readonly OrderRule MustFirst = new("mustFirst", "must parts first, so that a wearer who leaves early leaves readable", false, true);
    public static readonly OrderRule TopDown = new("topDown", "from the top down, so that the hand never rests on wet paint", false, true);
    public static readonly OrderRule FarSideFirst = new("farSideFirst", "the far side first", false, true);
    public static readonly OrderRule SpongeFirst = new("spongeFirst", "the sponge is done here before the brush's fine work", false, true);
    public static readonly OrderRule LidsOnce = new("lidsOnce", "all that goes on the lids in one closing", false, false);
    public static readonly OrderRule ToolInHand = new("toolInHand", "the tool and paint are in the hand already", false, false);
    public static readonly OrderRule BusyHands = new("busyHands", "something else dries meanwhile", false, false);

    public static IReadOnlyList<OrderRule> All { get; } =
    [
        MapFirst, BaseUnder, ReserveFirst, DarkReserveFirst, Layers, BroadBeforeFine, LightBeforeDark, DepthThenColour, LinesLast, OwnLines, LightsAfterLines, SparkleLast, LipsLate,
        DryBetween, IntoWet, OnDamp, Tied, Pinned, MustFirst, TopDown, FarSideFirst, SpongeFirst, LidsOnce, ToolInHand, BusyHands,
    ];
}
