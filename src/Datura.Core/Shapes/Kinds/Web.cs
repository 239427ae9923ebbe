namespace Datura.Core.Shapes.Kinds;

/// <summary>A web: spokes first, aimed at one point, then threads that sag between them; thick at the root, thin at the tip.</summary>
public sealed class Web() : DrawnKind("web", "Web", Family.Ornament, [Zone.Forehead, Zone.Temple, Zone.Orbit, Zone.Cheekbone, Zone.Chin],
    [LineCoat], [From, Spokes, Threads, Length, Fan, Sag, Width])
{
    private const string WholeFace = "whole face";

    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Hangs from", "The point the spokes aim at.", 0, "hairline corner", "outer eye", "brow", "chin", "hairline to brow", WholeFace);
    private static readonly CountSpec Spokes = ParameterSpec.Count("spokes", "Spokes", "As the space allows.", 3, 9, 5);
    private static readonly CountSpec Threads = ParameterSpec.Count("threads", "Threads", "Across the spokes.", 2, 8, 4);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest spoke.", 20, 120, Of(0.34, "faceHeight"));
    private static readonly NumberSpec Fan = ParameterSpec.Angle("fan", "Fan", "Angle between the outermost spokes.", 30, 200, 84);
    private static readonly NumberSpec Sag = ParameterSpec.Ratio("sag", "Sag", "How far a thread hangs between spokes.", 0, 0.6, 0.3);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the root", "Of a spoke.", 0.5, 3, 1.8, 0.1);
    private static readonly CoatRole LineCoat = Line("Spokes and threads", Tool.Round1);

    // A thread hangs nearer to the next the farther out it is (common practice: each space 1.25 times the last).
    private const double SpaceGrows = 1.25;

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [From.Id] = zone switch { Zone.Chin => "chin", Zone.Orbit => "outer eye", _ => "hairline corner" },
    };

    // All round, once, over the middle.
    protected override bool IsOnceInTheMiddle(Part part) => part.Words.TryGetValue(From.Id, out var from) && from == WholeFace;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var whole = context.Word(From) == WholeFace;
        var (root, heading) = context.Word(From) switch
        {
            WholeFace => (new ChartPoint(0, context.At(Landmark.Glabella).YMm - 2), -Math.PI / 2),
            "outer eye" => (context.At(Landmark.Exocanthion) + new ChartPoint(5, 0), 0.1),
            "brow" => (context.At(Landmark.BrowPeak), 1.5),
            "chin" => (context.At(Landmark.Gnathion) + new ChartPoint(4, 6), 0.75),
            "hairline to brow" => (0.5 * (context.At(Landmark.Trichion) + context.At(Landmark.Frontotemporale)), -1.75),
            _ => (context.At(Landmark.Frontotemporale) + new ChartPoint(2, 6), -2.5),
        };
        var (spokes, threads) = (whole ? 2 * context.Count(Spokes) : context.Count(Spokes), context.Count(Threads));
        var length = context.Number(Length);
        var fan = whole ? 2 * Math.PI * (spokes - 1) / spokes : context.Number(Fan) * Math.PI / 180;
        var paths = new List<ChartPoint>[spokes];
        for (var k = 0; k < spokes; k++)
        {
            // Uneven angles, uneven lengths, a slight wave: a spoke is no ruler's line.
            var uneven = spokes > 2 && (whole || k > 0 && k < spokes - 1) ? 0.22 * fan / (spokes - 1) * context.Design.Either() : 0;
            var angle = context.UnevenAngle(heading + ((double)k / (spokes - 1) - 0.5) * fan + uneven);
            var reach = context.Uneven(length) * (0.78 + 0.22 * context.Design.Unit());
            var wave = 0.06 * context.Design.Either();
            ChartPoint[] knots = [root, context.Body.Go(root, angle + wave, 0.35 * reach), context.Body.Go(root, angle - wave, 0.7 * reach), context.Body.Go(root, angle + 0.5 * wave, reach)];
            paths[k] = Curves.Through(knots, closed: false);
            pen.Stroke(LineCoat, paths[k], Profile.ThickToThin(context.Number(Width)));
        }

        var first = 0.94 * (SpaceGrows - 1) / (Math.Pow(SpaceGrows, threads) - 1);
        for (var t = 0; t < threads; t++)
        {
            var share = first * (Math.Pow(SpaceGrows, t + 1) - 1) / (SpaceGrows - 1);
            for (var k = 0; k + 1 < spokes || whole && k < spokes; k++)
            {
                var (a, b) = (Curves.At(paths[k], share), Curves.At(paths[(k + 1) % spokes], share));
                var middle = 0.5 * (a + b);
                // A thread hangs towards the root by a share of its own length.
                middle += context.Number(Sag) * (a - b).Length() / Math.Max((root - middle).Length(), 1e-6) * (root - middle);
                // Thick where it is tied to a spoke, thin where it hangs.
                pen.Stroke(LineCoat, Curves.Through([a, middle, b], closed: false), u => context.Number(Width) * (0.3 + 0.45 * Math.Pow(2 * u - 1, 2)));
            }
        }

        pen.Say("Longest spoke", length, "mm", $"from the {context.Word(From)}");
    }
}
