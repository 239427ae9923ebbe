using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Knotted roots that grow from the costume up the neck to the jaw, thick below, branching above.</summary>
public sealed class Roots() : DrawnKind("roots", "Roots", Family.Carried, [Zone.Chest, Zone.Collar, Zone.NeckFront, Zone.NeckSide, Zone.Jaw],
    [RootCoat, LineCoat, LightCoat], [Count, Length, Width, Branches])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Roots a side", "Main ones.", 1, 4, 2);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest, on the skin.", 60, 320, Of(1.5, "lowerFaceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width below", "Where it comes out of the costume.", 4, 26, 11);
    private static readonly CountSpec Branches = ParameterSpec.Count("branches", "Branches", "On each.", 0, 5, 3);
    private static readonly CoatRole RootCoat = new("root", "Roots", Stage.BodyColour, Tool.Filbert, 1, 28);
    private static readonly CoatRole LineCoat = Line("Bark", Tool.Round1);
    private static readonly CoatRole LightCoat = new("light", "Lights", Stage.Highlight, Tool.Round3, 1, 80, Optional: true);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var foot = context.Body.Go(context.At(Landmark.Suprasternale), -Math.PI / 2, Math.Max(20, context.Costume.NecklineMm));
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var start = foot + new ChartPoint(16 + 34 * k, 8 * k);
            var length = context.Uneven(context.Number(Length)) * (1 - 0.2 * k);
            var spine = Knotted(context, start, Math.PI / 2 + 0.12 - 0.1 * k, length);
            Grow(pen, spine, context.Number(Width) * (1 - 0.15 * k));
            var branches = context.Count(Branches);
            for (var b = 0; b < branches; b++)
            {
                var share = 0.35 + 0.55 * (b + 0.5) / branches;
                var side = b % 2 == 0 ? -0.8 : 0.8;
                Grow(pen, Knotted(context, Curves.At(spine, share), Math.PI / 2 + side, 0.3 * length * (1.1 - share)), 0.5 * context.Number(Width) * (1.05 - share));
            }
        }

        pen.Say("Longest", context.Number(Length), "mm", "from the costume up");
        pen.Say("Width", context.Number(Width), "mm", "below");
    }

    private static void Grow(MarkPen pen, IReadOnlyList<ChartPoint> spine, double width)
    {
        Geometry root = Curves.Band(spine, t => Math.Max(0.4, 0.5 * width * Math.Pow(1 - t, 0.7) * (1 + 0.18 * Math.Sin(17 * t))));
        pen.Fill(RootCoat, root, 1);
        pen.Stroke(LineCoat, [.. spine.Select(p => p + new ChartPoint(0.16 * width, 0))], Profile.ThickToThin(Math.Min(1.6, 0.2 * width)));
        pen.Stroke(LightCoat, [.. spine.Take(Math.Max(2, 2 * spine.Count / 3)).Select(p => p - new ChartPoint(0.22 * width, 0))], Profile.Swelling(0.14 * width));
    }

    private static List<ChartPoint> Knotted(PartContext context, ChartPoint start, double heading, double length)
    {
        var knots = new List<ChartPoint> { start };
        var pieces = Math.Max(3, (int)(length / 16));
        for (var k = 0; k < pieces; k++)
        {
            knots.Add(context.Body.Go(knots[^1], heading + 0.45 * context.Design.Either(), length / pieces));
        }

        return Curves.Through(knots, closed: false);
    }
}
