namespace Datura.Core.Order;

/// <summary>The usual rates of a practised hand. All values: common practice, to be replaced by the painter's own.</summary>
public static class Rates
{
    public const string ToolChange = "toolChangeSeconds";
    public const string Loading = "loadSeconds";
    public const string Mixing = "mixSeconds";
    public const string Reloading = "reloadSeconds";
    public const string PoseChange = "poseSeconds";
    public const string PlaceMark = "markSeconds";
    public const string PressDot = "dotSeconds";
    public const string EvenLid = "lidSeconds";
    public const string PlaceStencil = "stencilSeconds";

    /// <summary>Painted ground that one placing of a mesh or card lays, mm² (from memory, unverified).</summary>
    public const double StencilMm2 = 900;

    /// <summary>How much slower a hand fills near the eye (from memory, fitted to practice minutes).</summary>
    public const double NearEye = 2.2;

    /// <summary>A figure larger than this is not pressed or filled in one go: its edge is drawn first, mm² (from memory, unverified).</summary>
    public const double OutlinedMm2 = 200;

    /// <summary>An edge at most this soft is drawn; a softer one comes by itself, mm (from memory, unverified).</summary>
    public const double DrawnEdgeMm = 3;

    private const double FanShare = 0.6;
    private const double PowderedSeconds = 15;

    private static readonly RateEntry[] Moments =
    [
        new(ToolChange, "Change a tool, rinsing it", "s", 5, 0.5, 120, "common practice"),
        new(Loading, "First load of a paint, worked up creamy", "s", 5, 0.5, 120, "common practice"),
        new(Mixing, "Mix a recipe", "s", 15, 0.5, 300, "common practice"),
        new(Reloading, "Reload the same paint", "s", 2.5, 0.2, 60, "common practice"),
        new(PoseChange, "Change the pose", "s", 4, 0.2, 120, "common practice"),
        new(PlaceMark, "Find the place of a mark", "s", 0.6, 0.1, 30, "common practice"),
        new(PressDot, "Press a dot", "s", 0.6, 0.1, 30, "common practice"),
        new(EvenLid, "Press a lid even, again and again", "s", 20, 0.5, 120, "common practice"),
        new(PlaceStencil, "Place a mesh or card", "s", 6, 0.5, 120, "common practice"),
    ];

    /// <summary>Every rate that a painter may replace.</summary>
    public static IReadOnlyList<RateEntry> All { get; } =
    [
        .. Moments,
        .. Enum.GetValues<Tool>().SelectMany(t => new[]
        {
            new RateEntry($"{t}.areaCm2PerMinute", $"Fill with the {Of(t).Name}", "cm²/min", Of(t).AreaCm2PerMinute, 0.5, 2000, "common practice"),
            new RateEntry($"{t}.lineMmPerSecond", $"Draw with the {Of(t).Name}", "mm/s", Of(t).LineMmPerSecond, 0.5, 400, "common practice"),
        }),
    ];

    public static RateEntry Find(string id) => Moments.First(r => r.Id == id);

    public static ToolRate Of(Tool tool) => tool switch
    {
        Tool.PencilLiner => new("pencil liner", 4, 70, 100_000, 1000, 3),
        Tool.Sponge => new("high-density sponge", 300, 60, 400, 150, 60),
        Tool.HalfRoundSponge => new("half-round sponge", 90, 30, 200, 40, 40),
        Tool.SoftBrush => new("wide soft brush", 120, 50, 400, 60, 40),
        Tool.FlatBrush => new("flat brush 3/4 in", 90, 35, 200, 30, 20),
        Tool.Filbert => new("filbert", 30, 30, 150, 15, 12),
        Tool.Round1 => new("round brush 1", 4, 26, 200, 3, 2),
        Tool.Round3 => new("round brush 3", 9, 30, 160, 5, 4.5),
        Tool.Round5 => new("round brush 5", 16, 34, 200, 9, 8),
        Tool.Round6 => new("round brush 6", 24, 36, 200, 12, 10),
        _ => throw new ArgumentOutOfRangeException(nameof(tool)),
    };

    /// <summary>
    /// Drying of one coat; thicker than usual takes longer in proportion. A fan takes four tenths off; powder sets a cream at
    /// once (common practice).
    /// </summary>
    public static double DryingSeconds(PaintDescription paint, double coatFilmUm, DryingAid aid = DryingAid.Air)
    {
        var air = paint.DryingSeconds * Math.Max(0.2, coatFilmUm / paint.CoatFilmUm);
        return aid switch
        {
            DryingAid.Fan => FanShare * air,
            DryingAid.Powder when paint.Material == Material.Cream => Math.Min(air, PowderedSeconds),
            _ => air,
        };
    }
}
