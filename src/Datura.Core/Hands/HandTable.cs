using static Datura.Domain.ToolForm;
using static Datura.Domain.Water;

namespace Datura.Core.Hands;

/// <summary>
/// The one table from which film, edge, grain, width, rate, load and drying of a coat follow. Which tool does what, and how wet: common
/// practice. The numbers: from memory, unverified, except where a row says otherwise.
/// </summary>
public static class HandTable
{
    private const string FromMemory = "from memory";
    private const string Common = "common practice";

    private static readonly ToolForm[] Sponges = [ToolForm.Sponge, HalfRoundSponge, StippleSponge, PetalSponge];
    private static readonly ToolForm[] WideBrushes = [Flat, Filbert, Dagger, Angled, PetalBrush];
    private static readonly ToolForm[] Brushes = [Round, .. WideBrushes];

    private static readonly TechniqueRow[] Rows =
    [
        new(Technique.Dab, 1, 1, 1, 1, 1, 3, 0.3, [.. Sponges, Puff, Finger, Spatula, Round], [Damp, Dry, Creamy, Flowing], Common),
        new(Technique.Stipple, 1.15, 0.6, 0.6, 0.9, 1, 3, 0.15, [.. Sponges, Flat, Filbert, SoftBrush], [Damp, Dry, Creamy], FromMemory),
        new(Technique.Drag, 0.85, 1.7, 1.5, 1.2, 1, 2, 0.4, [.. Sponges, .. WideBrushes, SoftBrush, Finger, Spatula], [Damp, Dry, Creamy, Flowing], FromMemory),
        new(Technique.Buff, 0.6, 0.8, 0.8, 1.3, 1, 8, 0.05, [.. Sponges, SoftBrush, Puff, Filbert], [Damp, Dry], FromMemory),
        new(Technique.Stroke, 1, 1, 1, 1, 1, 0.4, 0.1, [.. Brushes, Pencil, SoftBrush], [Creamy, Dry, Damp, Flowing, Runny], Common),
        new(Technique.PressAndLift, 1.15, 1.2, 0.8, 0.8, 1.3, 0.4, 0.1, [.. Brushes, PetalSponge], [Creamy, Damp, Flowing], FromMemory),
        new(Technique.OnItsSide, 0.9, 1.6, 1, 0.7, 2.2, 0.8, 0.2, [Round, Flat, Filbert, Dagger, Angled, PetalBrush, Pencil], [Creamy, Damp, Flowing], FromMemory),
        new(Technique.Flick, 0.75, 1, 2.2, 0.5, 0.7, 0.4, 0.15, Brushes, [Creamy, Damp, Flowing], FromMemory),
        new(Technique.DryBrush, 0.35, 0.8, 0.9, 0.6, 1, 1.5, 0.7, [.. Brushes, SoftBrush], [Dry], FromMemory),
        new(Technique.PullOut, 0.3, 0.7, 0.8, 1, 1.5, 8, 0, Brushes, [Damp], FromMemory),
        new(Technique.FingerBlend, 0.6, 1.2, 1, 0.5, 1, 6, 0, [Finger], [Damp, Dry, Creamy], FromMemory),
        new(Technique.ThroughCard, 1, 1, 1, 1, 1, 0.5, 0.3, [.. Sponges, SoftBrush, Puff, Flat, Filbert, Mesh, Card], [Damp, Dry], Common),
        new(Technique.Cast, 0.25, 1.2, 1, 1.5, 1, 8, 0.1, [.. Sponges, SoftBrush, Puff], [Dry, Damp], FromMemory),
        new(Technique.Drip, 1.3, 1, 1, 0.4, 1.2, 0.6, 0, [.. Brushes, Spatula], [Runny], FromMemory),
        new(Technique.Splatter, 0.8, 3, 3, 0.3, 1, 0.4, 0.9, [Round, Flat, Filbert], [Flowing, Runny], FromMemory),
    ];

    private static readonly WaterRow[] WaterRows =
    [
        new(Dry, 0.35, 0.8, 0.6, 0.2, 0.95, 1, FromMemory),
        new(Damp, 0.9, 1, 0.9, 0.8, 1, 0.3, FromMemory),
        new(Creamy, 1, 1, 1, 1, 1, 0, Common),
        new(Flowing, 0.85, 1.1, 1.25, 1.5, 1.08, 0, FromMemory),
        new(Runny, 0.6, 1.1, 0.8, 2.2, 1.25, 0, FromMemory),
    ];

    public static IReadOnlyList<TechniqueRow> Techniques => Rows;

    public static IReadOnlyList<WaterRow> Waters => WaterRows;

    public static TechniqueRow Of(Technique technique) => Rows[(int)technique];

    public static WaterRow Of(Water water) => WaterRows[(int)water];
}
