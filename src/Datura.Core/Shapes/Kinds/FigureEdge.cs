using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes.Kinds;

/// <summary>The edge of another part: an outline, a light along one side, a shade inside, things in a row round it.</summary>
public sealed class FigureEdge() : DrawnKind("figureEdge", "Edge of another part", Family.Ornament, [Zone.Temple, Zone.Cheekbone, Zone.Forehead],
    [ShadeCoat, LineCoat, AlongLine.Coat, LightCoat], [Width, Lies, Off, Light, From, Shade, .. AlongLine.Parameters])
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Outline", "Its width.", 0.4, 8, 1.4, 0.1);
    private static readonly ChoiceSpec Lies = ParameterSpec.Choice("lies", "Lies", "Against the edge of the figure.", 1, "inside", "on the edge", "outside");
    private static readonly NumberSpec Off = ParameterSpec.Length("off", "Off the edge", "Outwards; less than 0 is inwards.", -20, 30, 0);
    private static readonly NumberSpec Light = ParameterSpec.Length("light", "Light", "Width of the light along one side; 0 for none.", 0, 8, 0);
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Light from", "Which side of the figure it lies along.", 0, "above", "the middle", "outside", "below");
    private static readonly NumberSpec Shade = ParameterSpec.Length("shade", "Shade inside", "How far it reaches in from the edge; 0 for none.", 0, 25, 0);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade inside", Stage.Depth, Tool.Filbert, 1, 20, Optional: true);
    private static readonly CoatRole LineCoat = Line("Outline", goesRound: true);
    private static readonly CoatRole LightCoat = new("light", "Light along one side", Stage.Highlight, Tool.Round2, 1, 60, Optional: true);

    // A hand that is 8 % off in a stroke of this length lies as much beside the edge, mm (by judgement).
    private const double ByHandMm = 6;

    // A piece of edge shorter than this gets no light of its own, mm (by judgement).
    private const double ShortestLightMm = 4;

    public override bool FollowsItsHost => true;

    public override bool StandsAlone => false;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var figure = context.Host?.Area ?? Oval(context);
        var width = context.Uneven(context.Number(Width));
        var off = context.Number(Off) + context.Word(Lies) switch { "inside" => -width / 2, "outside" => width / 2, _ => 0 };
        var moved = Moved(figure, off + context.Uneven(ByHandMm) - ByHandMm);
        var mm = 0.0;
        foreach (var ring in Curves.OuterRings(moved).Where(r => Curves.Length(r) > ShortestLightMm))
        {
            mm += context.Body.LineMm(ring);
            pen.Stroke(LineCoat, ring, Profile.Even(width));
            AlongLine.Draw(context, pen, ring, Outer(ring), closed: true);
        }

        pen.Say("Round it", mm, "mm");
        if (context.Number(Shade) is > 0 and var deep)
        {
            pen.Fill(ShadeCoat, figure.Difference(figure.Buffer(-0.6 * deep)), 0.8 * deep);
        }

        if (context.Number(Light) is > 0 and var light)
        {
            // Inside the outline, where the light would strike.
            foreach (var piece in Curves.OuterRings(figure.Buffer(-light / 2 - Math.Max(0, width / 2 - off))).SelectMany(r => Facing(r, context.Word(From))))
            {
                pen.Stroke(LightCoat, piece, Profile.Swelling(light));
            }
        }
    }

    // No farther inwards than the figure is deep.
    private static Geometry Moved(Geometry figure, double mm)
    {
        for (; Math.Abs(mm) > 0.01; mm /= 2)
        {
            if (figure.Buffer(mm) is { IsEmpty: false } moved)
            {
                return moved;
            }
        }

        return figure;
    }

    // Without another part to follow it shows what it does on an oval of the cheek.
    private static Geometry Oval(PartContext context) => Curves.Polygon(new SkinFrame(context.Body, context.At(Landmark.Cheekbone) + new ChartPoint(4, -10), 0).Ellipse(34, 24));

    private static int Outer(IReadOnlyList<ChartPoint> ring) =>
        NetTopologySuite.Algorithm.Orientation.IsCCW([.. ring.Select(p => new Coordinate(p.XMm, p.YMm))]) ? -1 : 1;

    // The stretches of a ring whose outward side looks towards the light.
    private static IEnumerable<ChartPoint[]> Facing(IReadOnlyList<ChartPoint> ring, string from)
    {
        var fine = Curves.Every(1, ring);
        if (fine.Count < 6)
        {
            yield break;
        }

        var towards = from switch { "above" => new ChartPoint(0, 1), "below" => new(0, -1), "the middle" => new(-1, 0), _ => new(1, 0) };
        var outer = Outer([.. fine, fine[0]]);
        bool Lit(int k)
        {
            var way = fine[(k + 1) % fine.Count] - fine[(k - 1 + fine.Count) % fine.Count];
            return outer * (-way.YMm * towards.XMm + way.XMm * towards.YMm) > 0.5 * way.Length();
        }

        // Begun in the dark, so that no stretch is cut in two by the ring's seam.
        var dark = Enumerable.Range(0, fine.Count).FirstOrDefault(k => !Lit(k));
        var piece = new List<ChartPoint>();
        for (var n = 0; n <= fine.Count; n++)
        {
            var k = (dark + n) % fine.Count;
            if (n < fine.Count && Lit(k))
            {
                piece.Add(fine[k]);
                continue;
            }

            if (Curves.Length(piece) >= ShortestLightMm)
            {
                yield return [.. piece];
            }

            piece.Clear();
        }
    }
}
