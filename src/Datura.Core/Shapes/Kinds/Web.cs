namespace Datura.Core.Shapes.Kinds;

/// <summary>A web: spokes first, aimed at one point, then threads that sag between them; thick at the root, thin at the tip.</summary>
public sealed class Web() : DrawnKind("web", "Web", Family.Ornament, [Zone.Forehead, Zone.Temple, Zone.Orbit, Zone.Cheekbone],
    [LineCoat], [From, Spokes, Threads, Length, Fan, Sag, Width])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Hangs from", "The point the spokes aim at.", 0, "hairline corner", "outer eye", "brow");
    private static readonly CountSpec Spokes = ParameterSpec.Count("spokes", "Spokes", "As the space allows.", 3, 9, 5);
    private static readonly CountSpec Threads = ParameterSpec.Count("threads", "Threads", "Across the spokes.", 2, 8, 4);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest spoke.", 20, 120, Of(0.34, "faceHeight"));
    private static readonly NumberSpec Fan = ParameterSpec.Angle("fan", "Fan", "Angle between the outermost spokes.", 30, 200, 84);
    private static readonly NumberSpec Sag = ParameterSpec.Ratio("sag", "Sag", "How far a thread hangs between spokes.", 0, 0.6, 0.3);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the root", "Of a spoke.", 0.5, 3, 1.4, 0.1);
    private static readonly CoatRole LineCoat = Line("Spokes and threads", Tool.Round1);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, heading) = context.Word(From) switch
        {
            "outer eye" => (context.At(Landmark.Exocanthion) + new ChartPoint(5, 0), 0.1),
            "brow" => (context.At(Landmark.BrowPeak), 1.5),
            _ => (context.At(Landmark.Frontotemporale) + new ChartPoint(2, 6), -2.5),
        };
        var (spokes, threads) = (context.Count(Spokes), context.Count(Threads));
        var length = context.Number(Length);
        var reach = new double[spokes];
        var angle = new double[spokes];
        for (var k = 0; k < spokes; k++)
        {
            angle[k] = context.UnevenAngle(heading + ((double)k / (spokes - 1) - 0.5) * context.Number(Fan) * Math.PI / 180);
            reach[k] = context.Uneven(length) * (0.78 + 0.22 * context.Design.Unit());
            pen.Stroke(LineCoat, [root, context.Body.Go(root, angle[k], 0.5 * reach[k]), context.Body.Go(root, angle[k], reach[k])], Profile.ThickToThin(context.Number(Width)));
        }

        for (var t = 1; t <= threads; t++)
        {
            var share = Math.Pow(t / (threads + 0.5), 0.85);
            for (var k = 0; k + 1 < spokes; k++)
            {
                var (a, b) = (context.Body.Go(root, angle[k], share * reach[k]), context.Body.Go(root, angle[k + 1], share * reach[k + 1]));
                var middle = 0.5 * (a + b);
                // A thread hangs towards the root by a share of its own length.
                middle += context.Number(Sag) * (a - b).Length() / Math.Max((root - middle).Length(), 1e-6) * (root - middle);
                pen.Stroke(LineCoat, Curves.Through([a, middle, b], closed: false), Profile.Even(0.55 * context.Number(Width)));
            }
        }

        pen.Say("Longest spoke", length, "mm", $"from the {context.Word(From)}");
    }
}
