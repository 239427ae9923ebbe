using System.Collections.Concurrent;
using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>The field of a part: the zones its kind hangs on, and those it lies on at its default size, hung where the part hangs.</summary>
public static class PartField
{
    private const double SampleMm = 4;

    private static readonly ConcurrentDictionary<string, (IReadOnlySet<Zone> Zones, double InHair)> Known = new();

    private static (IReadOnlySet<Zone> Zones, double InHair) Of(PartKind kind, IReadOnlyDictionary<string, string> words) => Known.GetOrAdd(
        string.Join('|', words.OrderBy(w => w.Key, StringComparer.Ordinal).Select(w => $"{w.Key}={w.Value}").Prepend(kind.Id)), _ => Found(kind, words));

    /// <summary>How much of a part's marks lies outside its field, 0 to 1, and on which zones; how much more of it in the hair than at its default size.</summary>
    public static (double Share, IReadOnlyList<Zone> Zones, double InHair) Outside(PartKind kind, Part part, PartMarks marks, FittedBody body)
    {
        var (field, usuallyInHair) = Of(kind, part.Words);
        var (all, hair) = (0, 0);
        var outside = new Dictionary<Zone, int>();
        foreach (var at in Samples(marks.Marks))
        {
            all++;
            var zone = body.ZoneAt(at);
            hair += zone == Zone.Scalp ? 1 : 0;
            if (!field.Contains(zone))
            {
                outside[zone] = outside.GetValueOrDefault(zone) + 1;
            }
        }

        return all == 0 ? (0, [], 0)
            : (outside.Values.Sum() / (double)all, [.. outside.OrderByDescending(z => z.Value).Select(z => z.Key)], Math.Max(0, hair / (double)all - usuallyInHair));
    }

    /// <summary>Points spread evenly over the marks: along outlines and paths, and each dot.</summary>
    public static IEnumerable<ChartPoint> Samples(IEnumerable<Mark> marks) => marks.SelectMany(m => m switch
    {
        RegionMark r => Curves.Rings(r.Outline).SelectMany(ring => Curves.Every(SampleMm, ring)),
        StrokeMark s => Curves.Every(SampleMm, s.Path),
        DotMark d => [d.At],
        _ => [],
    });

    private static (IReadOnlySet<Zone> Zones, double InHair) Found(PartKind kind, IReadOnlyDictionary<string, string> words)
    {
        var part = new Part(
            kind.Id, kind.Id, Sides.Both, 0, 1, Priority.Must, false, new Dictionary<string, double>(), words,
            new Dictionary<string, IReadOnlyList<string>>(), new Dictionary<string, PaintMix>(), new Dictionary<string, int>());
        // What sits in the middle of its ground must not spread over all that it could hang on.
        Zone[] lies = [.. Samples(kind.Expand(FittedBody.Reference, part, new Costume(40)).Marks).Select(FittedBody.Reference.ZoneAt)];
        return (new HashSet<Zone>([.. kind.NeedsOwnGround ? [] : kind.HangsOn, .. lies]), lies.Count(z => z == Zone.Scalp) / Math.Max(1.0, lies.Length));
    }
}
