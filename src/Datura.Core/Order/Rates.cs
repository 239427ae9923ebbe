using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Order;

/// <summary>How fast a practised hand works with a tool. All values: common practice, to be replaced by the painter's own.</summary>
/// <param name="AreaCm2PerMinute">Filling, one coat.</param>
/// <param name="LineMmPerSecond">Drawing a line.</param>
/// <param name="LineMmPerLoad">Length of line before the brush needs paint.</param>
/// <param name="AreaCm2PerLoad">Area before it needs paint.</param>
public sealed record ToolRate(string Name, double AreaCm2PerMinute, double LineMmPerSecond, double LineMmPerLoad, double AreaCm2PerLoad);

public static class Rates
{
    /// <summary>Putting one tool down, rinsing or changing it, and taking the next (common practice).</summary>
    public const double ToolChangeSeconds = 8;

    /// <summary>First load of a paint, working it up creamy (common practice).</summary>
    public const double LoadSeconds = 6;

    /// <summary>Mixing two or more paints on the palette (common practice).</summary>
    public const double MixSeconds = 15;

    /// <summary>Back to the paint for more of the same (common practice).</summary>
    public const double ReloadSeconds = 3;

    /// <summary>Asking for and settling into another pose (common practice).</summary>
    public const double PoseSeconds = 5;

    /// <summary>Finding the place of each separate mark (common practice).</summary>
    public const double MarkSeconds = 1.2;

    public static ToolRate Of(Tool tool) => tool switch
    {
        Tool.PencilLiner => new("pencil liner", 4, 28, 100_000, 1000),
        Tool.Sponge => new("high-density sponge", 300, 60, 400, 150),
        Tool.HalfRoundSponge => new("half-round sponge", 90, 40, 200, 40),
        Tool.SoftBrush => new("wide soft brush", 120, 50, 400, 60),
        Tool.FlatBrush => new("flat brush 3/4 in", 90, 25, 200, 30),
        Tool.Filbert => new("filbert", 30, 20, 150, 15),
        Tool.Round1 => new("round brush 1", 4, 9, 120, 3),
        Tool.Round3 => new("round brush 3", 9, 11, 160, 5),
        Tool.Round5 => new("round brush 5", 16, 14, 200, 9),
        Tool.Round6 => new("round brush 6", 24, 16, 200, 12),
        _ => throw new ArgumentOutOfRangeException(nameof(tool)),
    };

    /// <summary>Drying of one coat; thicker than usual takes longer in proportion (common practice).</summary>
    public static double DryingSeconds(PaintDescription paint, double coatFilmUm) =>
        paint.DryingSeconds * Math.Max(0.2, coatFilmUm / paint.CoatFilmUm);
}
