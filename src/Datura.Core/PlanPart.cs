using Datura.Core.Shapes;

namespace Datura.Core;

/// <param name="Values">Every number in force, the face's defaults included.</param>
/// <param name="Words">Every choice in force.</param>
public sealed record PlanPart(
    string Id,
    string Kind,
    string Label,
    Priority Priority,
    IReadOnlyDictionary<string, double> Values,
    IReadOnlyDictionary<string, string> Words,
    IReadOnlyList<SizeLine> Sizes,
    IReadOnlyList<string> Zones,
    IReadOnlyList<PlanMark> Marks,
    IReadOnlyList<PlanCoat> Coats,
    double Seconds,
    bool Movable,
    LeftRight? LeftRight,
    IReadOnlyList<double> OwnPoints);
