using System.Collections.Concurrent;
using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>The field of a kind: the zones it lies on at its default size, wherever its choices may hang it, and those it hangs on.</summary>
public static class PartField
{
    private static readonly ConcurrentDictionary<string, IReadOnlySet<string>> Known = new();
    private static readonly Lazy<FittedBody> Reference = new(() => FittedBody.For(new Dictionary<string, double>()));

    public static IReadOnlySet<string> Of(PartKind kind) => Known.GetOrAdd(kind.Id, _ => Found(kind));

    /// <summary>How much of a part's marks lies outside its field, 0 to 1, and on which zones.</summary>
    public static (double Share, IReadOnlyList<string> Zones) Outside(PartKind kind, PartMarks marks, FittedBody body)
    {
        var field = Of(kind);
        var all = 0;
        var outside = new Dictionary<string, int>();
        foreach (var at in Samples(marks))
        {
            all++;
            var zone = body.ZoneAt(at);
            if (!field.Contains(zone))
            {
                outside[zone] = outside.GetValueOrDefault(zone) + 1;
            }
        }

        return all == 0 ? (0, []) : (outside.Values.Sum() / (double)all, [.. outside.OrderByDescending(z => z.Value).Select(z => z.Key)]);
    }

    /// <summary>Points spread over the marks: every third point of an outline or path, and each dot.</summary>
    private static IEnumerable<ChartPoint> Samples(PartMarks marks) => marks.Marks.SelectMany(m => m switch
    {
        RegionMark r => r.Outline.Coordinates.Where((_, k) => k % 3 == 0).Select(c => new ChartPoint(c.X, c.Y)),
        StrokeMark s => s.Path.Where((_, k) => k % 3 == 0),
        DotMark d => [d.At],
        _ => [],
    });

    private static HashSet<string> Found(PartKind kind)
    {
        var field = kind.HangsOn.ToHashSet();
        foreach (var words in Variants(kind))
        {
            var part = new Part(
                kind.Id, kind.Id, Sides.Both, 0, 1, Priority.Must, false, new Dictionary<string, double>(), words,
                new Dictionary<string, IReadOnlyList<string>>(), new Dictionary<string, PaintMix>(), new Dictionary<string, int>());
            var marks = kind.Expand(Reference.Value, part, new Costume(40));
            field.UnionWith(Samples(marks).Select(Reference.Value.ZoneAt));
        }

        return field;
    }

    private static IEnumerable<Dictionary<string, string>> Variants(PartKind kind)
    {
        yield return [];
        foreach (var choice in kind.Parameters.Where(p => p.Type == ParameterType.Choice))
        {
            foreach (var word in choice.Choices)
            {
                yield return new() { [choice.Id] = word };
            }
        }
    }
}
