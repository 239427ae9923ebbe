using Datura.Core.Hands;

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
    public const string Area = "areaCm2PerMinute";
    public const string Line = "lineMmPerSecond";

    /// <summary>Painted ground that one placing of a mesh or card lays, mm² (from memory, unverified).</summary>
    public const double StencilMm2 = 900;

    /// <summary>How much slower a hand fills near the eye (from memory, fitted to practice minutes).</summary>
    public const double NearEye = 2.2;

    /// <summary>A figure larger than this is not pressed or filled in one go: its edge is drawn first, mm² (from memory, unverified).</summary>
    public const double OutlinedMm2 = 200;

    /// <summary>An edge at most this soft is drawn; a softer one comes by itself, mm (from memory, unverified).</summary>
    public const double DrawnEdgeMm = 3;

    /// <summary>How much longer everything takes before a mirror, with the own arm up (from memory, unverified).</summary>
    public const double OnOneself = 1.35;

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
        new(EvenLid, "Press a lid even, again and again", "s", 17, 0.5, 120, "common practice"),
        new(PlaceStencil, "Place a mesh or card", "s", 6, 0.5, 120, "common practice"),
    ];

    /// <summary>Every rate that a painter may replace.</summary>
    public static IReadOnlyList<RateEntry> All { get; } =
    [
        .. Moments,
        .. UsualTools.All.Where(t => ToolForms.Paints(t.Form)).SelectMany(t => new[]
        {
            new RateEntry(Id(t.Id, Area), $"Fill with the {t.Name}", "cm²/min", t.AreaCm2PerMinute, 0.5, 2000, "common practice"),
            new RateEntry(Id(t.Id, Line), $"Draw with the {t.Name}", "mm/s", t.LineMmPerSecond, 0.5, 400, "common practice"),
        }),
    ];

    /// <summary>Whether a rate is of what comes before the strokes: tool, paint and pose.</summary>
    public static bool IsSetUp(string id) => id is ToolChange or Loading or Mixing or PoseChange;

    public static RateEntry Find(string id) => Moments.First(r => r.Id == id);

    /// <summary>How a tool's rates are named; names begin with a capital letter.</summary>
    public static string Id(string tool, string rate) => $"{char.ToUpperInvariant(tool[0])}{tool[1..]}.{rate}";

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
