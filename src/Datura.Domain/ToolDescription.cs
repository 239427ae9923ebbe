using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A tool that somebody owns, and what a practised hand does with it.</summary>
/// <param name="Id">Unique within the kit; that of a usual tool in its place.</param>
/// <param name="WidthMm">Widest line in one stroke, or the width of what a dab leaves.</param>
/// <param name="AreaCm2PerMinute">Filling, one coat.</param>
/// <param name="LineMmPerSecond">Drawing a line no wider than the tool.</param>
/// <param name="LineMmPerLoad">Length of line before it needs paint.</param>
/// <param name="AreaCm2PerLoad">Area before it needs paint.</param>
public sealed record ToolDescription(
    string Id,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    ToolForm Form,
    [property: Range(0.3, 200)] double WidthMm,
    [property: Range(0.5, 2000)] double AreaCm2PerMinute,
    [property: Range(0.5, 400)] double LineMmPerSecond,
    [property: Range(1, 1_000_000)] double LineMmPerLoad,
    [property: Range(0.1, 10_000)] double AreaCm2PerLoad);
