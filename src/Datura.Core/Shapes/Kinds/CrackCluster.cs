using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Cracks that fan out from a point of bone, jagged, thick at the root and thin at the tip, some with branches.</summary>
public sealed class CrackCluster : PartKind
{
    private static readonly (string Name, string Landmark, double Direction)[] Roots =
    [
        ("outer brow", "brow_outer", 50),
        ("temple", "frontotemporale", 120),
        ("forehead", "trichion", 255),
        ("cheekbone", "cheekbone", 215),
        ("jaw", "gonion", 130),
        ("chin", "gnathion", 75),
        ("collar bone", "clavicle_inner", 340),
        ("throat", "thyroid_notch", 60),
    ];

    public override string Id => "crackCluster";

    public override string Label => "Cracks";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<string> HangsOn =>
        ["forehead", "temple", "cheekbone", "chin", "jaw", "collar", "neck front", "neck side", "sternum", "chest", "under-jaw"];

    public override IReadOnlyDictionary<string, string> WordsFor(string zone) => new Dictionary<string, string>
    {
        ["from"] = zone switch
        {
            "forehead" => "forehead",
            "cheekbone" => "cheekbone",
            "chin" => "chin",
            "jaw" or "under-jaw" => "jaw",
            "collar" or "sternum" or "chest" => "collar bone",
            "neck front" or "neck side" => "throat",
            _ => "temple",
        },
    };

    public override IReadOnlyList<ParameterSpec> Parameters { get; } =
    [
        ParameterSpec.Choice("from", "Springs from", "The point of bone where the cracks start.", 0, [.. Roots.Select(r => r.Name)]),
        ParameterSpec.Count("count", "Cracks", "How many spring from the point.", 1, 7, 3),
        ParameterSpec.Length("length", "Length", "Of the longest crack.", 8, 120, b => 0.22 * b.MeasuresMm["faceHeight"]),
        ParameterSpec.Angle("turn", "Turn", "Swings the whole fan; positive turns it up and inwards.", -180, 180, 0),
        ParameterSpec.Angle("fan", "Fan", "Angle between the outermost cracks.", 0, 160, 55),
        ParameterSpec.Count("branches", "Branches", "Side cracks on each.", 0, 4, 1),
        ParameterSpec.Ratio("jag", "Jaggedness", "How sharply a crack changes direction.", 0, 1, 0.6),
        ParameterSpec.Length("width", "Width at the root", "Thins to a hair at the tip.", 0.6, 6, 2.2, 0.2),
    ];

    public override IReadOnlyList<CoatRole> Roles { get; } =
    [
        new("line", "Cracks", Stage.Line, Tool.Round1, 1, 12),
        new("light", "Light edge", Stage.Highlight, Tool.Round1, 1, 95, Optional: true),
    ];

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var body = context.Body;
        var root = Roots.First(r => r.Name == context.Word("from"));
        var start = context.At(root.Landmark);
        var count = (int)Math.Round(context.Number("count"));
        var fan = context.Number("fan") * Math.PI / 180;
        var heading = context.UnevenAngle((root.Direction + context.Number("turn")) * Math.PI / 180);
        var width = context.Number("width");
        var marks = new List<Mark>();
        var longest = 0.0;
        for (var k = 0; k < count; k++)
        {
            var spread = count == 1 ? 0 : (double)k / (count - 1) - 0.5;
            var length = context.Uneven(context.Number("length")) * (k == count / 2 ? 1 : 0.6 + 0.3 * context.Design.Unit());
            var path = Jagged(context, start, heading + spread * fan, length);
            longest = Math.Max(longest, body.LineMm(path));
            Add(context, marks, path, width);
            for (var b = 0; b < (int)Math.Round(context.Number("branches")); b++)
            {
                var knee = path[1 + (int)(context.Design.Unit() * Math.Max(1, path.Count - 3))];
                var side = (b + k) % 2 == 0 ? 1 : -1;
                var turn = heading + spread * fan + side * (0.6 + 0.4 * context.Design.Unit());
                Add(context, marks, Jagged(context, knee, turn, length * (0.25 + 0.2 * context.Design.Unit())), 0.6 * width);
            }
        }

        var all = marks.OfType<StrokeMark>().Where(m => m.Role == "line").ToArray();
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
        marks.Add(new StrokeMark("line", context.Side, path, widths));
        // The light edge lies below the crack, the same side everywhere, as a light from above would draw it.
        marks.Add(new StrokeMark("light", context.Side, [.. path.Select((p, k) => p - new ChartPoint(0, 0.5 * widths[k] + 0.4))], [.. widths.Select(w => Math.Max(0.35, 0.45 * w))]));
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
            var angle = headingRad + swing * context.Number("jag") * (0.25 + 0.55 * context.Design.Unit());
            path.Add(context.Body.Go(path[^1], angle, piece));
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
