namespace Datura.Core.Hands;

/// <summary>What a technique makes of a coat, as shares of what the tool's usual technique does.</summary>
/// <param name="Film">Dry film.</param>
/// <param name="AreaRate">Area a minute.</param>
/// <param name="LineRate">Length a second.</param>
/// <param name="Load">How far one load goes.</param>
/// <param name="Width">Width of a line.</param>
/// <param name="EdgeMm">Over how much the film thins out at an edge, mm.</param>
/// <param name="Grain">How much skin shows between the grains of a thin coat, 0 to 1.</param>
/// <param name="Forms">Tools that can do it.</param>
/// <param name="Waters">How wet the paint may be, the usual first.</param>
/// <param name="Source">Where the values are from.</param>
public sealed record TechniqueRow(
    Technique Technique, double Film, double AreaRate, double LineRate, double Load, double Width, double EdgeMm, double Grain,
    IReadOnlyList<ToolForm> Forms, IReadOnlyList<Water> Waters, string Source);
