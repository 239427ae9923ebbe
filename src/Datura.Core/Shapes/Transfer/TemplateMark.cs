using Datura.Core.Body;

namespace Datura.Core.Shapes.Transfer;

/// <summary>A landmark or dot printed on a template, flat mm.</summary>
public sealed record TemplateMark(Landmark Landmark, ChartPoint At)
{
    public string Words => NamedPlaces.All[Landmark];
}
