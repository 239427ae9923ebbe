using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// Rows of feathers lapping like tiles, smallest nearest the beak and longest at temple, jaw and neck: a vane with a shaft line and
/// notches, lying as feathers grow (common practice).
/// </summary>
public sealed class FeatherRows() : DrawnKind("featherRows", "Feather rows", Family.Creature, [Zone.Temple, Zone.Forehead, Zone.Orbit, Zone.Cheekbone, Zone.CheekHollow, Zone.NeckSide],
    [FeatherCoat, LineCoat, LightCoat], [On, Rows, Count, Length, Width, Notches])
{
    private const string Brow = "brow and temple", Cheek = "cheek", Neck = "jaw and neck", Crest = "crest";

    private static readonly ChoiceSpec On = ParameterSpec.Choice("on", "Grow on", "Where they lie.", 0, Brow, Cheek, Neck, Crest);
    private static readonly CountSpec Rows = ParameterSpec.Count("rows", "Rows", "From the beak outwards.", 1, 5, 2);
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Feathers a row", "Beside each other.", 3, 10, 6);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 8, 60, Of(0.17, "faceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of the widest.", 3, 20, 9);
    private static readonly CountSpec Notches = ParameterSpec.Count("notches", "Notches", "In a vane.", 0, MostNotches, 1);
    private static readonly CoatRole FeatherCoat = new("feather", "Feathers", Stage.BodyColour, Tool.Round6, 1, 25);
    private static readonly CoatRole LineCoat = Line("Shafts", Tool.Round1);
    private static readonly CoatRole LightCoat = new("light", "Lit edges", Stage.Highlight, Tool.Round1, 1, 75, Optional: true);

    // Share of a feather that the row before it leaves to be seen, and the length of the first row (by judgement).
    private const double Seen = 0.62;
    private const double FirstRow = 0.6;

    // Between a feather and the one that laps it the ground shows, mm (by judgement).
    private const double GapMm = 0.7;

    private const double FinestMm = 0.12;

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [On.Id] = zone switch { Zone.Cheekbone or Zone.CheekHollow => Cheek, Zone.NeckSide => Neck, _ => Brow },
    };

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (rows, count, longest) = (context.Count(Rows), context.Count(Count), context.Number(Length));
        var (along, heading) = Field(context);
        var lapped = new List<Geometry>();
        var drawn = 0;
        for (var row = 0; row < rows; row++)
        {
            // The row nearest the beak lies on top; each lies in the gaps of the one before it.
            var share = rows == 1 ? 1 : FirstRow + (1 - FirstRow) * row / (rows - 1);
            var tiles = new List<Geometry>();
            for (var k = 0; k < count; k++)
            {
                var t = (k + 0.5 + 0.5 * (row % 2)) / (count + 0.5);
                var angle = context.UnevenAngle(heading(t));
                var start = context.Body.Go(Curves.At(along, t), angle, Seen * row * longest * (FirstRow + share) / 2);
                var length = context.Uneven(share * longest) * (0.8 + 0.2 * Math.Sin(Math.PI * t));
                var width = context.Number(Width) * (0.7 + 0.3 * share);
                var frame = new SkinFrame(context.Body, start, angle);
                var vane = Laid(frame, UnitVanes[context.Count(Notches), k % 2], length, width, 0);
                // Only what lies near can lap it, one after the other: a union of them first took half as long again (measured).
                Geometry[] lapping = [.. lapped.Where(t => t.EnvelopeInternal.Intersects(vane.EnvelopeInternal) && t.Intersects(vane))];
                var seen = lapping.Aggregate(vane, (left, over) => left.IsEmpty ? left : left.Difference(over));
                if (seen.IsEmpty)
                {
                    continue;
                }

                tiles.Add(Laid(frame, UnitVanes[0, 0], length, width, GapMm));
                drawn++;
                pen.Fill(FeatherCoat, seen, 0.6);
                var shaft = frame.Path(Enumerable.Range(0, 12).Select(n => (length * (0.06 + 0.08 * n), 0.02 * length * Math.Sin(0.25 * n))).ToArray());
                foreach (var piece in Beside(shaft, lapping))
                {
                    pen.Stroke(LineCoat, piece, Profile.ThickToThin(Math.Clamp(0.12 * width, 0.7, 1.6)));
                }

                var edge = frame.Curve((0.55 * length, 0.44 * width), (0.8 * length, 0.36 * width), (0.99 * length, 0.02 * width));
                foreach (var piece in Beside(edge, lapping))
                {
                    pen.Stroke(LightCoat, piece, Profile.Swelling(Math.Clamp(0.1 * width, 0.6, 1.4)));
                }
            }

            lapped.AddRange(tiles);
        }

        pen.Say("Longest", longest, "mm");
        pen.Say("Feathers a side", drawn, "");
    }

    private static IEnumerable<ChartPoint[]> Beside(IReadOnlyList<ChartPoint> line, Geometry[] over) =>
        over.Aggregate((IEnumerable<ChartPoint[]>)[[.. line]], (pieces, one) => [.. pieces.SelectMany(p => Curves.Outside(p, one))]);

    private const int MostNotches = 3;

    private static readonly ChartPoint[,][] UnitVanes = MakeVanes();

    private static ChartPoint[,][] MakeVanes()
    {
        var made = new ChartPoint[MostNotches + 1, 2][];
        for (var n = 0; n <= MostNotches; n++)
        {
            (made[n, 0], made[n, 1]) = (UnitVane(n, 0), UnitVane(n, 1));
        }

        return made;
    }

    // On the skin, with a margin all round.
    private static Geometry Laid(SkinFrame frame, ChartPoint[] unit, double length, double width, double marginMm) =>
        Curves.Polygon(unit.Select(p => frame.At((length + 2 * marginMm) * p.XMm - marginMm, (width + 2 * marginMm) * p.YMm)));

    // The line the first row stands on, and the way feathers grow from it: outwards and back from the nose, down on the cheek.
    private static (IReadOnlyList<ChartPoint> Along, Func<double, double> HeadingRad) Field(PartContext context) => context.Word(On) switch
    {
        Cheek => (Curves.Through([context.At(Landmark.PalpebraleInferius) + new ChartPoint(-4, -16), context.At(Landmark.Alare) + new ChartPoint(14, -2),
            context.At(Landmark.Cheilion) + new ChartPoint(12, -6)], closed: false), t => -0.1 - 0.9 * t),
        Neck => (Curves.Through([context.At(Landmark.Gonion) + new ChartPoint(-2, 4), 0.5 * (context.At(Landmark.Gonion) + context.At(Landmark.Gnathion)) + new ChartPoint(0, -2),
            context.At(Landmark.Submentale) + new ChartPoint(10, -4)], closed: false), t => -0.9 - 0.55 * t),
        Crest => (Curves.Through([context.At(Landmark.Trichion) + new ChartPoint(-4, -18), context.At(Landmark.Frontotemporale) + new ChartPoint(-12, 12)], closed: false), t => 1.55 - 0.8 * t),
        _ => (Curves.Through([context.At(Landmark.BrowInner) + new ChartPoint(4, 0), context.At(Landmark.BrowPeak), context.At(Landmark.BrowOuter),
            context.At(Landmark.Exocanthion) + new ChartPoint(12, -6)], closed: false), t => 1.45 - 1.25 * t),
    };

    // A vane of length and width 1 from its root, notched now on one side, now on the other. The frame of the skin is a plain stretch of
    // it, so that it is rounded, thinned and notched once for all feathers of a look (measured: half of their time).
    private static ChartPoint[] UnitVane(int notches, int which)
    {
        // As wide as a feather usually is, so that corners nobody sees are left out where it matters.
        const double length = 36, width = 10;
        Geometry vane = TopologyPreservingSimplifier.Simplify(Curves.Polygon(Curves.Through(
        [
            new(0, 0), new(0.12 * length, 0.3 * width), new(0.45 * length, 0.5 * width), new(0.78 * length, 0.4 * width), new(0.95 * length, 0.16 * width), new(length, 0),
            new(0.95 * length, -0.16 * width), new(0.78 * length, -0.4 * width), new(0.45 * length, -0.5 * width), new(0.12 * length, -0.3 * width),
        ], closed: true)), FinestMm);
        for (var n = 0; n < notches; n++)
        {
            // Slanting back to the shaft.
            var (at, side) = (0.5 + 0.17 * n, (n + which) % 2 == 0 ? 1 : -1);
            vane = vane.Difference(Curves.Polygon([new(at * length, side * 0.1 * width), new((at + 0.07) * length, side * 0.6 * width), new((at + 0.16) * length, side * 0.6 * width)]));
        }

        return [.. Curves.OuterRings(vane).MaxBy(Curves.Length)!.SkipLast(1).Select(p => new ChartPoint(p.XMm / length, p.YMm / width))];
    }
}
