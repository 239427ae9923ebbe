using System.Collections.Concurrent;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Prepared;

namespace Datura.Core.Body;

/// <summary>The skin of one person: what every later rule asks for places, lengths, areas and zones.</summary>
public sealed class FittedBody
{
    private static readonly Lazy<FittedBody> Model = new(() => For(new Dictionary<string, double>()));

    private readonly Lazy<SkinMesh> mesh;
    private readonly Lazy<IReadOnlyDictionary<Zone, Geometry>> zones;
    private readonly Lazy<ZoneLookup> lookup;
    private readonly ConcurrentDictionary<Zone, IPreparedGeometry> prepared = new();
    private readonly Dictionary<Landmark, ChartPoint> places;
    private readonly ConcurrentDictionary<string, Geometry> made = new();

    private FittedBody(BodyFitted fitted, IReadOnlySet<string> estimated)
    {
        MeasuresMm = fitted.MeasuresMm;
        MeasureNotes = fitted.Notes;
        Estimated = estimated;
        IsUneven = Measures.All.Any(m => m.Group == MeasureGroup.LeftAndRight && !estimated.Contains(m.Id) && MeasuresMm[m.Id] != 0);
        Skin = fitted.Skin;
        Faired = fitted.Faired;
        Chart = new(Skin, Faired, Landmarks.At(Landmark.Sellion).HeightMm);
        mesh = new(() => SkinMesh.Of(Skin, Chart));
        zones = new(() => Zones.OnChart(Chart));
        lookup = new(() => new(ZoneOutlines));
        places = Landmarks.Reference.ToDictionary(l => l.Key, l => Chart.ToChart(l.Value));
    }

    /// <summary>The mean adult, on whom kinds and measures are shown.</summary>
    public static FittedBody Reference => Model.Value;

    /// <summary>Every measure; those not given as they follow from the others.</summary>
    public IReadOnlyDictionary<string, double> MeasuresMm { get; }

    /// <summary>Given measures that are rare beside the others and want checking.</summary>
    public IReadOnlyList<Problem> MeasureNotes { get; }

    /// <summary>Measures that were not given.</summary>
    public IReadOnlySet<string> Estimated { get; }

    /// <summary>Whether left and right of this body differ.</summary>
    public bool IsUneven { get; }

    public SkinGrid Skin { get; }

    /// <summary>The skin with nose, lips and orbits smoothed away: what a card laid on the face follows.</summary>
    public SkinGrid Faired { get; }

    public SkinChart Chart { get; }

    public SkinMesh Mesh => mesh.Value;

    /// <summary>Outline of every zone on the chart.</summary>
    public IReadOnlyDictionary<Zone, Geometry> ZoneOutlines => zones.Value;

    public IReadOnlyDictionary<Landmark, ChartPoint> LandmarksOnChart => places;

    /// <exception cref="MeasureException">The measures are nonsense or contradict each other.</exception>
    public static FittedBody For(IReadOnlyDictionary<string, double> measuresMm)
    {
        var fitted = BodyFit.Fit(measuresMm);
        return new(fitted, Measures.All.Select(m => m.Id).Where(id => !measuresMm.ContainsKey(id)).ToHashSet());
    }

    /// <summary>Builds what all bodies share, so that the first one asked for comes as fast as the others.</summary>
    public static void Warm() => _ = Reference;

    /// <summary>Where a landmark lies: the left one of a pair, unless a side is named.</summary>
    public ChartPoint At(Landmark landmark) => places.TryGetValue(landmark, out var at) || places.TryGetValue(landmark.Left, out at)
        ? at
        : throw new ArgumentException($"There is no landmark called {landmark}.");

    /// <summary>The same place of anatomy on the other side.</summary>
    public ChartPoint Mirrored(ChartPoint at)
    {
        if (!IsUneven)
        {
            return at.Mirrored();
        }

        var skin = Chart.ToSkin(at);
        return Chart.ToChart(skin with { AzimuthRad = -skin.AzimuthRad });
    }

    /// <summary>Shortest length on the skin, mm.</summary>
    public double TapeMm(ChartPoint a, ChartPoint b) => Tape.DistanceMm(Skin, Chart.ToSkin(a), Chart.ToSkin(b));

    /// <summary>Length on the skin of a line drawn on the chart, mm.</summary>
    public double LineMm(IReadOnlyList<ChartPoint> line)
    {
        var sum = 0.0;
        for (var k = 1; k < line.Count; k++)
        {
            var pieces = Math.Max(1, (int)Math.Ceiling((line[k] - line[k - 1]).Length() / 3));
            var last = Chart.Position(line[k - 1]);
            for (var s = 1; s <= pieces; s++)
            {
                var next = Chart.Position(line[k - 1] + (double)s / pieces * (line[k] - line[k - 1]));
                sum += next.DistanceTo(last);
                last = next;
            }
        }

        return sum;
    }

    /// <summary>The place a given length on the skin away, in a direction of the chart (0 towards the wearer's left, up is π/2).</summary>
    public ChartPoint Go(ChartPoint from, double directionRad, double lengthMm)
    {
        var heading = (lengthMm < 0 ? -1 : 1) * new ChartPoint(Math.Cos(directionRad), Math.Sin(directionRad));
        var left = Math.Abs(lengthMm);
        var at = from;
        var last = Chart.Position(at);
        while (left > 1e-9)
        {
            var next = at + Math.Min(left, 1) * heading;
            var there = Chart.Position(next);
            var walked = there.DistanceTo(last);
            if (walked >= left || walked < 1e-6)
            {
                return at + Math.Min(left, 1) * (walked < 1e-6 ? 1 : left / walked) * heading;
            }

            (at, last, left) = (next, there, left - walked);
        }

        return at;
    }

    /// <summary>
    /// Where a point of a flat card comes to lie when the card is laid on the skin without a crease at its origin: straight
    /// ahead from there, as far as on the card.
    /// </summary>
    /// <param name="outMm">On the card, towards the wearer's left.</param>
    /// <param name="upMm">On the card, upwards.</param>
    public ChartPoint Lay(ChartPoint origin, double outMm, double upMm)
    {
        var length = Math.Sqrt(outMm * outMm + upMm * upMm);
        if (length < 1e-9)
        {
            return origin;
        }

        var from = Chart.ToSkin(origin);
        var (_, across, _) = Faired.Evaluate(from);
        var right = across.Unit();
        var up = Faired.Normal(from).Cross(right);
        return Chart.ToChart(SkinWalk.Straight(Faired, from, outMm / length * right + upMm / length * up, length));
    }

    /// <summary>Whether a place lies on a zone, both sides counted.</summary>
    public bool IsOn(Zone zone, ChartPoint at) =>
        prepared.GetOrAdd(zone, z => PreparedGeometryFactory.Prepare(ZoneOutlines[z])).Contains(new Point(at.XMm, at.YMm));

    /// <summary>A figure that depends on this body alone, made once.</summary>
    public Geometry Once(string name, Func<Geometry> make) => made.GetOrAdd(name, _ => make());

    /// <returns>The zone at a place; in the hairline gap between two zones, the nearer one.</returns>
    public Zone ZoneAt(ChartPoint at) => lookup.Value.At(at);

    /// <summary>The zones that cells of the lattice touch by more than a sliver, in the order of the zone table.</summary>
    public IReadOnlyList<Zone> ZonesUnder(IEnumerable<(int Row, int Column)> cells) => lookup.Value.Under(cells);
}
