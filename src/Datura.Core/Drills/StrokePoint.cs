namespace Datura.Core.Drills;

/// <summary>A place along a stroke where one looks across it.</summary>
/// <param name="Across">Unit, square to the stroke.</param>
/// <param name="Beyond">Past one of its ends.</param>
internal readonly record struct StrokePoint(ChartPoint At, ChartPoint Across, double WidthMm, bool Beyond);
