using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>A look as it is painted this time: without what is left out, with quick versions in place.</summary>
public static class LookVersion
{
    public static Look Shown(Look look, Kit kit) => look.Parts.All(p => p.Version == PartVersion.Full && p.Without.Count == 0) ? look : look with
    {
        Parts = [.. WithTheirHosts([.. look.Parts.Where(p => p.Version != PartVersion.Out)])
            .Select(p => p.Version == PartVersion.Quick && PartKinds.Find(p.Kind) is { } kind ? QuickVersion.Of(kind, p, kit, out _) ?? p : p).Select(OnlyPainted)],
    };

    // What hangs on a part that is left out goes with it.
    private static IReadOnlyList<Part> WithTheirHosts(IReadOnlyList<Part> parts)
    {
        var ids = parts.Select(p => p.Id).ToHashSet();
        var kept = parts.Where(p => p.Hung?.On is not { } on || ids.Contains(on)).ToArray();
        return kept.Length == parts.Count ? parts : WithTheirHosts(kept);
    }

    // Nothing is spared for a shape that is not painted this time.
    private static Part OnlyPainted(Part part) => part.Without.Count == 0 ? part : part with
    {
        Paints = part.Paints.Where(p => !part.Without.Contains(p.Key)).ToDictionary(p => p.Key, p => p.Value),
        Reserved = part.Reserved && PartKinds.Find(part.Kind)?.Roles[0].Id is { } first && !part.Without.Contains(first),
    };

    /// <summary>What is quicker or left out, a line a part.</summary>
    public static IReadOnlyList<string> ThisTime(Look look, Kit kit) =>
    [
        .. look.Parts.Where(p => p.Version != PartVersion.Full && PartKinds.Find(p.Kind) is not null).Select(p => (Part: p, Kind: PartKinds.Find(p.Kind)!))
            .Select(p => p.Part.Version == PartVersion.Out ? $"{Named(p.Kind, p.Part, look)} left out"
                : QuickVersion.Of(p.Kind, p.Part, kit, out var what) is null ? null : $"{Named(p.Kind, p.Part, look)} {string.Join(", ", what)}").OfType<string>(),
        .. look.Parts.Where(p => p.Version != PartVersion.Out && p.Without.Count > 0).Select(p => (Part: p, Kind: PartKinds.Find(p.Kind)!))
            .Select(p => $"{Named(p.Kind, p.Part, look)} {WithoutWords(p.Kind, p.Part.Without)}"),
        .. look.Form is { LeftOut: true } ? ["shades and lights left out"] : Array.Empty<string>(),
    ];

    /// <summary>Coats that are left out, in words.</summary>
    public static string WithoutWords(PartKind kind, IReadOnlyCollection<string> roles) =>
        $"without {string.Join(" and ", kind.Roles.Where(r => roles.Contains(r.Id)).Select(r => r.Label.ToLowerInvariant()))}";

    /// <summary>A part by its kind; two of a kind are told apart by their names in the look.</summary>
    public static string Named(PartKind kind, Part part, Look look) =>
        part.Name is null && look.Parts.Count(p => p.Kind == part.Kind) > 1 ? $"{kind.Label} ({part.Id.Replace('-', ' ')})" : kind.LabelOf(part);

    /// <summary>The look with a version chosen for some of its parts, and coats of others left out.</summary>
    public static Look With(Look look, IReadOnlyDictionary<string, PartVersion> versions, IReadOnlyDictionary<string, IReadOnlyList<string>>? without = null) => look with
    {
        Parts = [.. look.Parts.Select(p => p with
        {
            Version = versions.TryGetValue(p.Id, out var version) ? version : p.Version,
            Without = without is not null && without.TryGetValue(p.Id, out var roles) ? roles : p.Without,
        })],
    };
}
