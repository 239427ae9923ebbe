namespace Datura.Core.Shapes;

/// <summary>A place on a part that can be dragged.</summary>
/// <param name="Parameter">What it changes; "moved" for the whole part.</param>
/// <param name="Unit">mm or °.</param>
/// <param name="PerUnit">How far the place moves on the chart when the value grows by one; for "moved" the two axes are the chart's.</param>
public sealed record Handle(string Parameter, string Label, string Unit, ChartPoint At, ChartPoint PerUnit, double Value, double Least, double Most);
