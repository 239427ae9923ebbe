namespace Datura.Core.Shapes.Kinds;

/// <summary>Cracks that fan out from a point of bone, jagged, thick at the root and thin at the tip, some with branches.</summary>
public sealed class CrackCluster : PartKind
{
    private static readonly (string Name, Landmark Landmark, double Direction)[] Roots =
    [
        ("outer brow", Landmark.BrowOuter, 50),
        ("temple", Landmark.Frontotemporale, 205),
        ("forehead", Landmark.Trichion, 255),
        ("cheekbone", Landmark.Cheekbone, 215),
        ("jaw", Landmark.Gonion, 130),
        ("chin", Landmark.Gnathion, 75),
        ("collar bone", Landmark.ClavicleInner, 340),
        ("throat", Landmark.ThyroidNotch, 60),
    ];

    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Springs from", "The point of bone where the cracks start.", 0, [.. Roots.Select(r => r.Name)]);
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Cracks", "How many spring from the point.", 1, 7, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest crack.", 8, 120, b => 0.22 * b.MeasuresMm["faceHeight"]);
    private static readonly NumberSpec Turn = ParameterSpec.Angle("turn", "Turn", "Swings the whole fan; positive turns it up and inwards.", -180, 180, 0);
    private static readonly NumberSpec Fan = ParameterSpec.Angle("fan", "Fan", "Angle between the outermost cracks.", 0, 160, 55);
    private static readonly CountSpec Branches = ParameterSpec.Count("branches", "Branches", "Side cracks on each.", 0, 4, 1);
    private static readonly NumberSpec Jag = ParameterSpec.Ratio("jag", "Jaggedness", "How sharply a crack changes direction.", 0, 1, 0.6);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the root", "Thins to a hair at the tip.", 0.6, 6, 2.2, 0.2);
    private static readonly CoatRole LineCoat = new("line", "Cracks", Stage.Line, Tool.Round1, 1, 12);
    private static readonly CoatRole LightCoat = new("light", "Light edge", Stage.Highlight, Tool.Round1, 1, 95, Optional: true);

    public override string Id => "crackCluster";

    public override string Label => "Cracks";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<Zone> HangsOn =>
        [Zone.Forehead, Zone.Temple, Zone.Cheekbone, Zone.Chin, Zone.Jaw, Zone.Collar, Zone.NeckFront, Zone.NeckSide, Zone.Sternum, Zone.Chest, Zone.UnderJaw];

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [From.Id] = zone switch
        {
            Zone.Forehead => "forehead",
            Zone.Cheekbone => "cheekbone",
            Zone.Chin => "chin",
            Zone.Jaw or Zone.UnderJaw => "jaw",
            Zone.Collar or Zone.Sternum or Zone.Chest => "collar bone",
            Zone.NeckFront or Zone.NeckSide => "throat",
            _ => "temple",
        },
    };

    public override IReadOnlyList<ParameterSpec> Parameters { get; } = [From, Count, Length, Turn, Fan, Branches, Jag, Width];

    public override IReadOnlyList<CoatRole> Roles { get; } = [LineCoat, LightCoat];

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var body = context.Body;
        var root = Roots.First(r => r.Name == context.Word(From));
        var start = context.At(root.Landmark);
        var count = context.Count(Count);
        var fan = context.Number(Fan) * Math.PI / 180;
        var heading = context.UnevenAngle((root.Direction + context.Number(Turn)) * Math.PI / 180);
        var width = context.Number(Width);
        var marks = new List<Mark>();
        var longest = 0.0;
        for (var k = 0; k < count; k++)
        {
            var spread = count == 1 ? 0 : (double)k / (count - 1) - 0.5;
            var length = context.Uneven(context.Number(Length)) * (k == count / 2 ? 1 : 0.6 + 0.3 * context.Design.Unit());
            var path = Jagged(context, start, heading + spread * fan, length);
            longest = Math.Max(longest, body.LineMm(path));
            Add(context, marks, path, width);
            for (var b = 0; b < context.Count(Branches); b++)
            {
                var knee = path[1 + (int)(context.Design.Unit() * Math.Max(1, path.Count - 3))];
                var side = (b + k) % 2 == 0 ? 1 : -1;
                var turn = heading + spread * fan + side * (0.6 + 0.4 * context.Design.Unit());
                Add(context, marks, Jagged(context, knee, turn, length * (0.25 + 0.2 * context.Design.Unit())), 0.6 * width);
            }
        }

        var all = marks.OfType<StrokeMark>().Where(m => m.Role == LineCoat.Id).ToArray();
        return (
            marks,
            [
                new("Lines a side", all.Length, ""),
                new("Longest", longest, "mm", $"from the {root.Name}"),
                new("Line length a side", all.Sum(m => body.LineMm(m.Path)), "mm"),
                new("Width at the root", width, "mm"),
            ]);
    }

    private static void Add(PartContext context, List<Mark> marks, List<ChartPoint> path, double widthMm)
    {
        var widths = path.Select((_, k) => Math.Max(0.35, widthMm * Math.Pow(1 - (double)k / (path.Count - 1), 0.8))).ToArray();
        marks.Add(new StrokeMark(LineCoat.Id, context.Side, path, widths));
        // The light edge lies below the crack, the same side everywhere, as a light from above would draw it.
        marks.Add(new StrokeMark(LightCoat.Id, context.Side, [.. path.Select((p, k) => p - new ChartPoint(0, 0.5 * widths[k] + 0.4))], [.. widths.Select(w => Math.Max(0.35, 0.45 * w))]));
    }

    // Straight pieces of uneven length that swing either side of the heading.
    private static List<ChartPoint> Jagged(PartContext context, ChartPoint start, double headingRad, double lengthMm)
    {
        var path = new List<ChartPoint> { start };
        var left = lengthMm;
        var swing = context.Design.Unit() < 0.5 ? 1 : -1;
        while (left > 0.5)
        {
            var piece = Math.Min(left, lengthMm / 7 * (0.6 + 0.9 * context.Design.Unit()) + 1.5);
            var angle = headingRad + swing * context.Number(Jag) * (0.25 + 0.55 * context.Design.Unit());
            path.Add(context.Body.Go(path[^1], AcrossCreases.Turned(context.Body, path[^1], angle), piece));
            left -= piece;
            swing = -swing;
        }

        if (path.Count < 3)
        {
            path.Insert(1, 0.5 * (path[0] + path[^1]));
        }

        return path;
    }
}
