using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>Draws the parts of a look on a body; a part that hangs on another after the one it hangs on.</summary>
public static class PartExpansion
{
    private const int FewParts = 4;

    /// <param name="parts">Of known kinds; none hangs on itself, however many lie between.</param>
    /// <returns>In the order of the parts.</returns>
    public static ExpandedPart[] Of(IReadOnlyList<Part> parts, FittedBody body, Costume costume, CancellationToken cancel = default)
    {
        var ids = parts.Select(p => p.Id).ToHashSet();
        var done = new Dictionary<string, ExpandedPart>();
        IReadOnlyList<Part> left = parts;
        while (left.Count > 0)
        {
            // One that hangs on what is not there waits for nothing and comes out empty.
            var next = left.ToLookup(p => p.Hung?.On is not { } on || !ids.Contains(on) || done.ContainsKey(on));
            Part[] now = [.. next[true]];
            // A few are drawn sooner than other threads are found for them: rounds of one took five times as long (measured).
            ExpandedPart[] drawn = now.Length < FewParts ? [.. now.Select(Drawn)] : [.. now.AsParallel().AsOrdered().WithCancellation(cancel).Select(Drawn)];
            foreach (var part in drawn)
            {
                done[part.Part.Id] = part;
            }

            left = drawn.Length > 0 ? [.. next[false]] : throw new ArgumentException("A part hangs on itself.", nameof(parts));
        }

        return [.. parts.Select(p => done[p.Id])];

        ExpandedPart Drawn(Part part)
        {
            var kind = PartKinds.Find(part.Kind)!;
            return new(part, kind, kind.Expand(body, part, costume, HostOf(part, done.Values, body)));
        }
    }

    /// <summary>What a part hangs on, among those that are drawn; null for none. Nothing hangs on what is reckoned.</summary>
    public static HostMarks? HostOf(Part part, IEnumerable<ExpandedPart> drawn, FittedBody body) =>
        part.Hung?.On is { } on && drawn.FirstOrDefault(p => p.Part.Id == on && !p.Kind.IsReckoned) is { } host ? HostMarks.Of(host.Kind, host.Marks.Marks, body) : null;
}
