using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>A look as it is painted this time: without what is left out, with quick versions in place.</summary>
public static class LookVersion
{
    public static Look Shown(Look look) => look.Parts.All(p => p.Version == PartVersion.Full) ? look : look with
    {
        Parts = [.. look.Parts.Where(p => p.Version != PartVersion.Out).Select(p => p.Version == PartVersion.Quick && PartKinds.Find(p.Kind) is { } kind ? QuickVersion.Of(kind, p, out _) ?? p : p)],
    };

    /// <summary>The look with a version chosen for some of its parts.</summary>
    public static Look With(Look look, IReadOnlyDictionary<string, PartVersion> versions) => look with
    {
        Parts = [.. look.Parts.Select(p => versions.TryGetValue(p.Id, out var version) ? p with { Version = version } : p)],
    };
}
