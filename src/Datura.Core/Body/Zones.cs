using NetTopologySuite.Geometries;

namespace Datura.Core.Body;

/// <summary>The named patches of skin, drawn on the reference body in material coordinates and so the same on every face.</summary>
public static class Zones
{
    private static readonly (string Name, SkinPoint[] Outline)[] Table =
        [.. CsvData.Rows("zones.csv").Select(row => (row[0], row[1].Split(' ').Select(Point).ToArray()))];

    private static readonly List<string> ZoneNames = [.. Table.Select(z => z.Name)];

    public static IReadOnlyList<Zone> All { get; } = Enum.GetValues<Zone>();

    /// <summary>As files, answers and painters call them, in the order of the zones.</summary>
    public static IReadOnlyList<string> Names => ZoneNames;

    /// <summary>The zones of the face proper, without lids.</summary>
    public static IReadOnlyList<Zone> Face { get; } =
        [Zone.Forehead, Zone.Temple, Zone.Orbit, Zone.Cheekbone, Zone.CheekHollow, Zone.Nose, Zone.UpperLip, Zone.Lips, Zone.Chin, Zone.Jaw];

    /// <summary>Where a wet film soon cracks because the skin moves (common practice).</summary>
    public static IReadOnlySet<Zone> Moving { get; } = new HashSet<Zone> { Zone.Lid, Zone.Lips, Zone.UpperLip };

    public static string Name(this Zone zone) => Names[(int)zone];

    /// <returns>The zone of that name, or null.</returns>
    public static Zone? Find(string name) => ZoneNames.IndexOf(name) is >= 0 and var k ? (Zone)k : null;

    /// <summary>Outlines of a zone on a body's chart, left and right separately (mid-line zones touch along x = 0).</summary>
    public static IReadOnlyDictionary<Zone, Geometry> OnChart(SkinChart chart)
    {
        var result = new Dictionary<Zone, Geometry>();
        Geometry taken = GeometryFactory.Default.CreatePolygon();
        foreach (var zone in All)
        {
            var outline = Table[(int)zone].Outline;
            var right = outline.Select(p => p with { AzimuthRad = -p.AzimuthRad }).ToArray();
            var both = Fixed(OneSide(chart, outline)).Union(Fixed(OneSide(chart, right)));
            result[zone] = Fixed(both.Difference(taken));
            taken = taken.Union(both);
        }

        return result;
    }

    private static Geometry Fixed(Geometry g) => g.IsValid ? g : g.Buffer(0);

    private static Polygon OneSide(SkinChart chart, SkinPoint[] outline)
    {
        const int pieces = 4;
        var ring = new List<Coordinate>();
        for (var k = 0; k < outline.Length; k++)
        {
            var (a, b) = (outline[k], outline[(k + 1) % outline.Length]);
            for (var s = 0; s < pieces; s++)
            {
                var t = (double)s / pieces;
                var p = chart.ToChart(new(
                    a.AzimuthRad + t * (b.AzimuthRad - a.AzimuthRad), a.HeightMm + t * (b.HeightMm - a.HeightMm)));
                ring.Add(new(p.XMm, p.YMm));
            }
        }

        ring.Add(ring[0].Copy());
        return GeometryFactory.Default.CreatePolygon([.. ring]);
    }

    private static SkinPoint Point(string text)
    {
        var pair = text.Split(':');
        return new(CsvData.Number(pair[0]) * Math.PI / 180, CsvData.Number(pair[1]));
    }
}
