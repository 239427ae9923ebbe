namespace Datura.Core.Shapes.Kinds;

/// <summary>Tendrils or roots that run from the face over the neck to the chest, forking and thinning.</summary>
public sealed class Tendrils() : DrawnKind("tendrils", "Tendrils", Family.Carried, [Zone.Jaw, Zone.NeckSide, Zone.NeckFront, Zone.Collar, Zone.CheekHollow],
    [LineCoat, StripeCoat], [From, Count, Length, Forks, Curl, Width])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Springs from", "Where they start.", 0, "jaw", "ear", "corner of the mouth");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Tendrils a side", "Main ones.", 1, 5, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest, on the skin.", 40, 330, Of(1.25, "lowerFaceHeight"));
    private static readonly CountSpec Forks = ParameterSpec.Count("forks", "Forks", "On each.", 0, 5, 3);
    private static readonly NumberSpec Curl = ParameterSpec.Ratio("curl", "Curl", "0 runs straight down like a root.", 0, 1, 0.5);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the root", "Thins to a hair.", 1, 9, 3.2, 0.2);
    private static readonly CoatRole LineCoat = Line("Tendrils", Tool.Round3);
    private static readonly CoatRole StripeCoat = new("stripe", "Stripes", Stage.Highlight, Tool.Round1, 1, 80, Optional: true);

    // A stripe across it every so many of its widths (by judgement).
    private const double StripeEvery = 2.2;

    // The thin end stays plain.
    private const double Striped = 0.75;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (start, heading) = context.Word(From) switch
        {
            "ear" => (context.At(Landmark.Tragion) + new ChartPoint(-8, -30), -1.6),
            "corner of the mouth" => (context.At(Landmark.Cheilion), -1.2),
            _ => (context.At(Landmark.Gonion) + new ChartPoint(-14, -4), -1.75),
        };
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var spread = count == 1 ? 0 : (double)k / (count - 1) - 0.5;
            var length = context.Uneven(context.Number(Length)) * (k == count / 2 ? 1 : 0.75);
            var path = Run(context, start + new ChartPoint(14 * spread, 0), context.UnevenAngle(heading + 0.5 * spread), length);
            pen.Stroke(LineCoat, path, Profile.ThickToThin(context.Number(Width)));
            Stripes(context, pen, path);
            for (var f = 0; f < context.Count(Forks); f++)
            {
                var share = 0.2 + 0.65 * (f + 0.5) / context.Number(Forks);
                var knot = Curves.At(path, share);
                var side = f % 2 == 0 ? 0.75 : -0.75;
                pen.Stroke(LineCoat, Run(context, knot, heading + side, length * 0.28 * (1 - 0.5 * share)), Profile.ThickToThin(0.6 * context.Number(Width) * (1 - 0.6 * share)));
            }
        }

        pen.Say("Longest", context.Number(Length), "mm", $"from the {context.Word(From)}");
    }

    private static void Stripes(PartContext context, MarkPen pen, List<ChartPoint> path)
    {
        // As many on both sides, however uneven their lengths are.
        var count = (int)Math.Clamp(Striped * context.Number(Length) / (StripeEvery * context.Number(Width)), 2, 60);
        for (var k = 0; k < count; k++)
        {
            var t = Striped * k / count;
            var width = context.Number(Width) * Math.Pow(1 - t, 0.8);
            var along = Curves.At(path, Math.Min(1, t + 0.02)) - Curves.At(path, Math.Max(0, t - 0.02));
            var across = 0.42 * width / Math.Max(1e-6, along.Length()) * new ChartPoint(-along.YMm, along.XMm);
            var here = Curves.At(path, t);
            pen.Stroke(StripeCoat, [here - across, here + 0.3 * width / Math.Max(1e-6, along.Length()) * along, here + across], Profile.Swelling(0.45 * width));
        }
    }

    private static List<ChartPoint> Run(PartContext context, ChartPoint start, double heading, double length)
    {
        var knots = new List<ChartPoint> { start };
        var pieces = Math.Max(3, (int)(length / 22));
        var swing = context.Design.Unit() < 0.5 ? 1 : -1;
        for (var k = 0; k < pieces; k++)
        {
            knots.Add(context.Body.Go(knots[^1], heading + swing * context.Number(Curl) * (0.5 + 0.4 * context.Design.Unit()), length / pieces));
            swing = -swing;
        }

        return Curves.Through(knots, closed: false);
    }
}
