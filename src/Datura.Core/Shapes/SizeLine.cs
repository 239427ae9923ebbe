namespace Datura.Core.Shapes;

/// <summary>A length, area, count or angle of a finished part, and against what it was judged.</summary>
/// <param name="Unit">mm, cm², ° or empty for a count.</param>
/// <param name="Against">For example "above the brow"; empty when nothing.</param>
public sealed record SizeLine(string Label, double Value, string Unit, string Against = "");
