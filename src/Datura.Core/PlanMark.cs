namespace Datura.Core;

/// <summary>A mark in chart mm, rounded to 0.01: rings of a region, or the path of a stroke with its widths.</summary>
/// <param name="Shape">region, stroke or dot.</param>
/// <param name="Lines">Rings or paths, each a list of x, y pairs.</param>
/// <param name="WidthsMm">Stroke widths, dot diameter, or the soft edge of a region.</param>
public sealed record PlanMark(
    string Role, Side Side, string Shape, IReadOnlyList<IReadOnlyList<double>> Lines, IReadOnlyList<double> WidthsMm);
