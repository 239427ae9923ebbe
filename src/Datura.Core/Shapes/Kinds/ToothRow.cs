using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Teeth painted across the closed lips, largest in the middle and shrinking to the back, as many as the mouth has room for.</summary>
public sealed class ToothRow : PartKind
{
    public override string Id => "toothRow";

    public override string Label => "Tooth row";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<string> HangsOn => ["lips", "upper lip", "chin"];

    public override bool Sided => false;

    public override bool UsuallyReserved => false;

    public override IReadOnlyList<ParameterSpec> Parameters { get; } =
    [
        ParameterSpec.Choice("rows", "Rows", "Above the mouth line, below it, or both.", 0, "upper and lower", "upper", "lower"),
        ParameterSpec.Length("tooth", "Middle tooth", "Width of the teeth next to the mid-line.", 4, 18, b => 0.17 * b.MeasuresMm["mouthWidth"], 0.5),
        ParameterSpec.Ratio("grade", "Grading", "Width of each tooth to the one before it.", 0.6, 1, 0.88),
        ParameterSpec.Length("upperHeight", "Upper height", "From the mouth line up.", 5, 30, b => 0.13 * b.MeasuresMm["lowerFaceHeight"]),
        ParameterSpec.Length("lowerHeight", "Lower height", "From the mouth line down.", 5, 30, b => 0.105 * b.MeasuresMm["lowerFaceHeight"]),
        ParameterSpec.Length("beyond", "Past the mouth corner", "How far the row goes on to the cheek.", -8, 35, 7),
        ParameterSpec.Length("climb", "Climb", "How far the ends rise towards the ear.", -6, 25, 4),
        ParameterSpec.Length("roots", "Root lines", "Length of the lines that run on from each tooth.", 0, 20, 6),
        ParameterSpec.Ratio("crooked", "Crookedness", "0 is a straight row.", 0, 1, 0.25),
        ParameterSpec.Length("line", "Line width", "Of outlines and gaps.", 0.4, 3, 1.2, 0.1),
    ];

    public override IReadOnlyList<CoatRole> Roles { get; } =
    [
        new("tooth", "Teeth", Stage.BodyColour, Tool.Round6, 1, 85),
        new("line", "Outlines", Stage.Line, Tool.Round3, 1, 12),
    ];

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var body = context.Body;
        var line = MouthLine(context);
        var rows = context.Word("rows");
        var marks = new List<Mark>();
        var width = context.Number("line");
        var teeth = 0;
        foreach (var (wanted, up, height) in new[] { ("upper", 1.0, "upperHeight"), ("lower", -1.0, "lowerHeight") })
        {
            if (rows == wanted || rows == "upper and lower")
            {
                foreach (var side in new[] { Side.Left, Side.Right })
                {
                    var drawn = Half(context, line, side, up, context.Number(height), width).ToArray();
                    teeth += drawn.OfType<RegionMark>().Count();
                    marks.AddRange(drawn);
                }
            }
        }

        var full = line.Select(p => p.Mirrored()).Reverse().Concat(line.Skip(1)).ToArray();
        marks.Add(new StrokeMark("line", Side.Middle, full, Taper(full.Length, 1.5 * width)));
        var fills = marks.OfType<RegionMark>().Sum(m => body.Chart.AreaMm2(m.Outline));
        return (
            marks,
            [
                new("Teeth", teeth, ""),
                new("Row width", body.LineMm(full), "mm", FormattableString.Invariant($"mouth {body.MeasuresMm["mouthWidth"]:0} mm")),
                new("Middle tooth", context.Number("tooth"), "mm", "wide"),
                new("Area", fills / 100, "cm²"),
            ]);
    }

    // From the mid-line to the left end: along the closed lips, then on to the cheek.
    private static List<ChartPoint> MouthLine(PartContext context)
    {
        var corner = context.At("cheilion");
        var middle = context.At("mouth_line");
        var beyond = context.Number("beyond");
        var end = context.Body.Go(corner, Math.Atan2(context.Number("climb"), Math.Abs(beyond) + 14), beyond);
        var inside = new ChartPoint(0.55 * corner.XMm, 0.4 * corner.YMm + 0.6 * middle.YMm);
        return beyond >= 3
            ? Curves.Through([middle, inside, corner, end], closed: false)
            : Curves.Through([middle, inside, beyond < 0 ? end : corner], closed: false);
    }

    private static IEnumerable<Mark> Half(
        PartContext context, List<ChartPoint> line, Side side, double up, double heightMm, double lineMm)
    {
        var body = context.Body;
        var total = body.LineMm(line);
        var grade = context.Number("grade");
        var crooked = context.Number("crooked");
        var roots = context.Number("roots");
        var random = context.Design;
        var from = lineMm / 2;
        var width = context.Number("tooth");
        for (var k = 0; from + width * 0.75 <= total && k < 20; k++)
        {
            var size = 1 - 0.45 * (from / total);
            var height = context.Uneven(heightMm * size * (1 + 0.22 * crooked * random.Either()));
            var tilt = crooked * 0.25 * random.Either() * width;
            var to = Math.Min(from + width - lineMm / 2, total);
            var tooth = Tooth(body, line, total, from, to, up, height, tilt);
            var outline = side == Side.Right ? [.. tooth.Select(p => p.Mirrored())] : tooth;
            yield return new RegionMark("tooth", side, Curves.Polygon(outline), 0.6);
            var drawn = outline.Append(outline[0]).ToArray();
            yield return new StrokeMark("line", side, drawn, [.. Enumerable.Repeat(lineMm, drawn.Length)]);
            if (roots > 0)
            {
                var root = outline[outline.Count / 2];
                var tip = root + up * roots * size * new ChartPoint(0.12 * (side == Side.Right ? -1 : 1), 1);
                yield return new StrokeMark("line", side, [root, 0.5 * (root + tip), tip], [lineMm, 0.7 * lineMm, 0.25]);
            }

            from += width;
            width *= grade;
        }
    }

    // Root of the tooth is narrower than its biting edge; both ends are rounded.
    private static List<ChartPoint> Tooth(
        FittedBody body, List<ChartPoint> line, double total, double from, double to, double up, double height, double tilt)
    {
        var (a, b) = (Curves.At(line, from / total), Curves.At(line, to / total));
        var bite = 0.9 * up;
        var shoulder = new ChartPoint(tilt, up * height * 0.72);
        var crown = body.Go(0.5 * (a + b) + new ChartPoint(tilt, 0), up * Math.PI / 2, height);
        var narrow = 0.1 * (b - a);
        return Curves.Through(
            [a + new ChartPoint(0, bite), a + narrow + shoulder, crown, b - narrow + shoulder, b + new ChartPoint(0, bite)],
            closed: true);
    }

    private static double[] Taper(int count, double widthMm) =>
        [.. Enumerable.Range(0, count).Select(k => Math.Max(0.4, widthMm * Math.Sin(Math.PI * (k + 0.5) / count)))];
}
