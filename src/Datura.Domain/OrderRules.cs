namespace Datura.Domain;

/// <summary>
/// All rules of order. What holds on what comes first, then what the painter decides (ranks below 0), then what a part's own coats ask of each other. Rules of rank 1
/// are what schools propose for what lies on what, by stage and lightness. The others can go round in a circle with them: a spared shape may lie over something that lies over the base that
/// is to come after it. Whether a spared shape goes on before or after the base makes no difference to the picture, so it gives
/// way first to what lies on what; sparkle and lips are only a matter of wear.
/// </summary>
public static class OrderRules
{
    public static readonly OrderRule MapFirst = new("mapFirst", true, false);
    public static readonly OrderRule BaseUnder = new("baseUnder", true, false);
    public static readonly OrderRule ReserveFirst = new("reserveFirst", true, true, 3);
    public static readonly OrderRule DarkReserveFirst = new("darkReserveFirst", true, false, 2);
    public static readonly OrderRule GelFirst = new("gelFirst", true, false, -4);
    public static readonly OrderRule Staged = new("staged", true, false, -3);
    public static readonly OrderRule Stacked = new("stacked", true, false, -2);
    public static readonly OrderRule Kept = new("kept", true, false, -1);
    public static readonly OrderRule Layers = new("layers", true, false, 0);
    public static readonly OrderRule BroadBeforeFine = new("broadBeforeFine", true, true);
    public static readonly OrderRule LightBeforeDark = new("lightBeforeDark", true, true);
    public static readonly OrderRule DepthThenColour = new("depthThenColour", true, false);
    public static readonly OrderRule LinesLast = new("linesLast", true, false);
    public static readonly OrderRule OwnLines = new("ownLines", true, false);
    public static readonly OrderRule LightsAfterLines = new("lightsAfterLines", true, true);
    public static readonly OrderRule SparkleLast = new("sparkleLast", true, true, 4);
    public static readonly OrderRule LipsLate = new("lipsLate", true, true, 5);
    public static readonly OrderRule DryBetween = new("dryBetween", true, false);
    public static readonly OrderRule IntoWet = new("intoWet", true, false);
    public static readonly OrderRule OnDamp = new("onDamp", true, false);
    public static readonly OrderRule Tied = new("tied", true, false);
    public static readonly OrderRule Pinned = new("pinned", true, false);
    public static readonly OrderRule MustFirst = new("mustFirst", false, true);
    public static readonly OrderRule TopDown = new("topDown", false, true);
    public static readonly OrderRule FarSideFirst = new("farSideFirst", false, true);
    public static readonly OrderRule SpongeFirst = new("spongeFirst", false, true);
    public static readonly OrderRule LidsOnce = new("lidsOnce", false, false);
    public static readonly OrderRule ToolInHand = new("toolInHand", false, false);
    public static readonly OrderRule BusyHands = new("busyHands", false, false);

    public static IReadOnlyList<OrderRule> All { get; } =
    [
        MapFirst, GelFirst, Staged, Stacked, Kept, BaseUnder, ReserveFirst, DarkReserveFirst, Layers, BroadBeforeFine, LightBeforeDark, DepthThenColour, LinesLast, OwnLines, LightsAfterLines, SparkleLast, LipsLate,
        DryBetween, IntoWet, OnDamp, Tied, Pinned, MustFirst, TopDown, FarSideFirst, SpongeFirst, LidsOnce, ToolInHand, BusyHands,
    ];
}
