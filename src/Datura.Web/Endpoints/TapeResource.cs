namespace Datura.Web;

/// <summary>A tape laid on the skin: its length and its way over the chart as x, y pairs.</summary>
public sealed record TapeResource(double Mm, IReadOnlyList<double> Path);
