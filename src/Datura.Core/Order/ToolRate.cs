namespace Datura.Core.Order;

/// <summary>How fast a practised hand works with a tool.</summary>
/// <param name="AreaCm2PerMinute">Filling, one coat.</param>
/// <param name="LineMmPerSecond">Drawing a line no wider than the tool.</param>
/// <param name="LineMmPerLoad">Length of line before the brush needs paint.</param>
/// <param name="AreaCm2PerLoad">Area before it needs paint.</param>
/// <param name="WidthMm">Widest line drawn in one stroke; a wider one is filled.</param>
public sealed record ToolRate(string Name, double AreaCm2PerMinute, double LineMmPerSecond, double LineMmPerLoad, double AreaCm2PerLoad, double WidthMm);
