using System.Collections.Concurrent;
using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>The field of a part: the zones its kind lies on at its default size, hung where the part hangs.</summary>
public static class PartField
{
    private const double SampleMm = 4;

    private static readonly ConcurrentDictionary<string, IReadOnlySet<Zone>> Known = new();

    public static IReadOnlySet<Zone> Of(PartKind kind, IReadOnlyDictionary<string, string> words) => Known.GetOrAdd(
        string.Join('|', words.OrderBy(w => w.Key, StringComparer.Ordinal).Select(w => $"{w.Key}={w.Value}").Prepend(kind.Id)), _ => Found(kind, words));

    /// <summary>How much of a part's marks lies outside its field, 0 to 1, and on which zones.</summary>
    public static (double Share, IReadOnlyList<Zone> Zones) Outside(PartKind kind, Part part, PartMarks marks, FittedBody body)
    {
        var field = Of(kind, part.Words);
        var all = 0;
        var outside = new Dictionary<Zone, int>();
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

    /// <summary>Points spread evenly over the marks: along outlines and paths, and each dot.</summary>
    private static IEnumerable<ChartPoint> Samples(PartMarks marks) => marks.Marks.SelectMany(m => m switch
    {
        RegionMark r => Curves.Rings(r.Outline).SelectMany(ring => Curves.Every(SampleMm, ring)),
        StrokeMark s => Curves.Every(SampleMm, s.Path),
        DotMark d => [d.At],
        _ => [],
    });

    private static HashSet<Zone> Found(PartKind kind, IReadOnlyDictionary<string, string> words)
    {
        var part = new Part(
            kind.Id, kind.Id, Sides.Both, 0, 1, Priority.Must, false, new Dictionary<string, double>(), words,
            new Dictionary<string, IReadOnlyList<string>>(), new Dictionary<string, PaintMix>(), new Dictionary<string, int>());
        return [.. Samples(kind.Expand(FittedBody.Reference, part, new Costume(40))).Select(FittedBody.Reference.ZoneAt)];
    }
}
