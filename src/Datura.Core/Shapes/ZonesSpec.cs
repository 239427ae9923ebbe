using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>A set of zones.</summary>
public sealed record ZonesSpec : ParameterSpec
{
    internal ZonesSpec(string id, string label, string hint, IReadOnlyList<Zone> standard)
        : base(id, label, hint, ParameterType.Zones, 0, 0, 0, _ => 0, [.. standard.Select(z => z.Name())]) => Standard = standard;

    public IReadOnlyList<Zone> Standard { get; }
}
