using Datura.Core.Body;
using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes.Kinds;

/// <summary>A lattice of scales over a zone, as a mesh or a cut stencil lays them; without one, rows of short zigzags (common practice).</summary>
public sealed class Scales() : DrawnKind("scales", "Scales", Family.Flesh, [Zone.Temple, Zone.Forehead, Zone.Cheekbone, Zone.CheekHollow, Zone.NeckSide],
    [ScaleCoat, RearCoat, ZigzagCoat], [On, Laid, Cell, Gap, Fade])
{
    private static readonly ChoiceSpec On = ParameterSpec.Choice("on", "Lies on", "The zone it covers.", 1, "forehead", "temple", "cheekbone", "cheek hollow", "neck side");
    private static readonly ChoiceSpec Laid = ParameterSpec.Choice("laid", "Laid", "Through a mesh or card, or drawn by hand; zigzags need their paint.", 0, "through a mesh", "as zigzags");
    private static readonly NumberSpec Cell = ParameterSpec.Length("cell", "Cell", "Width of a scale.", 4, 24, 8);
    private static readonly NumberSpec Gap = ParameterSpec.Length("gap", "Gap", "Between scales.", 0.5, 4, 1.4, 0.1);
    private static readonly NumberSpec Fade = ParameterSpec.Ratio("fade", "Thin out", "Scales shrink towards the border.", 0, 1, 0.6);
    private static readonly CoatRole ScaleCoat = new("scale", "Scales", Stage.BodyColour, Tool.Sponge, 1, 40);
    private static readonly CoatRole RearCoat = new("rear", "Rear edges", Stage.Line, Tool.Round1, 1, 15, Optional: true);
    private static readonly CoatRole ZigzagCoat = new("zigzag", "Zigzags", Stage.BodyColour, Tool.Round3, 1, 40, Optional: true);

    // How much larger a scale is for every millimetre that bone stands out under it, and at most (by judgement).
    private const double PerBoneMm = 0.12;
    private const double MostGrowth = 0.3;

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(ScaleCoat, 0.8, 1)];

    public override IReadOnlyList<CoatRole> StencilRoles => [ScaleCoat];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var zone = context.Body.ZoneOutlines[context.Zone(On)];
        // Edge by edge: an index over so few edges costs more than it saves (measured).
        var edges = Curves.Rings(zone).SelectMany(r => r.Zip(r.Skip(1))).Select(e => (A: new Coordinate(e.First.XMm, e.First.YMm), B: new Coordinate(e.Second.XMm, e.Second.YMm))).ToArray();
        var box = zone.EnvelopeInternal;
        var (cell, gap) = (context.Number(Cell), context.Number(Gap));
        if (context.Word(Laid) == "as zigzags")
        {
            Zigzags(context, pen, box);
            return;
        }

        var count = 0;
        var row = 0;
        for (var y = box.MinY; y <= box.MaxY; y += 0.62 * cell, row++)
        {
            for (var x = row % 2 * cell / 2; x <= box.MaxX; x += cell)
            {
                if (!context.Body.IsOn(context.Zone(On), new(x, y)))
                {
                    continue;
                }

                var near = Math.Min(1, edges.Min(e => DistanceComputer.PointToSegment(new(x, y), e.A, e.B)) / (2 * cell));
                var bone = 1 + Math.Clamp(PerBoneMm * BoneField.StandsOutMm(context.Body, new(x, y)), -MostGrowth, MostGrowth);
                // They fade out in threes and fours, never along a line.
                var size = Math.Min(cell - 0.4 * gap, (cell - gap) * bone) * (1 - context.Number(Fade) * (1 - near) * (0.75 + 0.5 * context.Design.Unit()));
                if (size < 1.5)
                {
                    continue;
                }

                var frame = new SkinFrame(context.Body, new ChartPoint(x, y), context.UnevenAngle(0));
                pen.Stroke(RearCoat, frame.Curve((-0.3 * size, -0.36 * size), (0, -0.5 * size), (0.3 * size, -0.36 * size)), Profile.Swelling(Math.Clamp(0.16 * size, 0.5, 2)));
                pen.Fill(ScaleCoat, frame.Outline((size / 2, 0.12 * size), (0, 0.5 * size), (-size / 2, 0.12 * size),
                    (-0.3 * size, -0.36 * size), (0, -0.5 * size), (0.3 * size, -0.36 * size)), 0.6);
                count++;
            }
        }

        pen.Say("Scales a side", count, "");
    }

    private static void Zigzags(PartContext context, MarkPen pen, Envelope box)
    {
        var (cell, rows) = (context.Number(Cell), 0);
        for (var y = box.MinY + cell / 2; y <= box.MaxY; y += cell)
        {
            var path = new List<ChartPoint>();
            for (var (x, k) = (Math.Max(0, box.MinX), 0); x <= box.MaxX + cell; x += cell / 2, k++)
            {
                var at = new ChartPoint(x, y + (k % 2 == 0 ? 1 : -1) * 0.3 * cell);
                if (context.Body.IsOn(context.Zone(On), at))
                {
                    path.Add(at);
                }
                else if (path.Count > 0)
                {
                    break;
                }
            }

            if (path.Count > 2)
            {
                pen.Stroke(ZigzagCoat, path, _ => 0.16 * cell);
                rows++;
            }
        }

        pen.Say("Rows a side", rows, "");
    }
}
