using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// Teeth painted across the closed lips, largest in the middle and shrinking to the back, as many as the mouth has room for:
/// outlined, pressed with the brush, pointed, only the gaps drawn, or crossed stitches instead.
/// </summary>
public sealed class ToothRow : PartKind
{
    /// <summary>Nobody paints a narrower one (common practice).</summary>
    public const double LeastToothMm = 1.5;

    private const string Outlined = "outlined";
    private const string Pressed = "pressed";
    private const string Pointed = "pointed";
    private const string Gaps = "only the gaps";
    private const string FromBelow = "from the lower lip upwards";
    private const string Stitches = "crossed stitches";
    private const string Bare = "left bare";
    private const string Dropped = "drops";

    private static readonly ChoiceSpec Style = ParameterSpec.Choice("style", "Drawn as", "How each tooth is made.", 0, Outlined, Pressed, Pointed, Gaps, Stitches, Bare, Dropped);
    private static readonly ChoiceSpec Rows = ParameterSpec.Choice("rows", "Rows", "Above the mouth line, below it, both, or up from the lower lip.", 0, "upper and lower", "upper", "lower", FromBelow);
    private static readonly NumberSpec Tooth = ParameterSpec.Length("tooth", "Middle tooth", "Width of the teeth next to the mid-line.", 4, 18, b => 0.17 * b.MeasuresMm["mouthWidth"], 0.5);
    private static readonly NumberSpec Grade = ParameterSpec.Ratio("grade", "Grading", "Width of each tooth to the one before it.", 0.6, 1, 0.88);
    private static readonly NumberSpec UpperHeight = ParameterSpec.Length("upperHeight", "Upper height", "From the mouth line up.", 5, 30, b => 0.13 * b.MeasuresMm["lowerFaceHeight"]);
    private static readonly NumberSpec LowerHeight = ParameterSpec.Length("lowerHeight", "Lower height", "From the mouth line down.", 5, 30, b => 0.105 * b.MeasuresMm["lowerFaceHeight"]);
    private static readonly NumberSpec Beyond = ParameterSpec.Length("beyond", "Past the mouth corner", "How far the row goes on to the cheek.", -8, 35, 7);
    private static readonly NumberSpec Climb = ParameterSpec.Length("climb", "Climb", "How far the ends rise towards the ear.", -6, 25, 4);
    private static readonly NumberSpec Roots = ParameterSpec.Length("roots", "Root lines", "Length of the lines that run on from each tooth.", 0, 20, 6);
    private static readonly NumberSpec Crooked = ParameterSpec.Ratio("crooked", "Crookedness", "0 is a straight row.", 0, 1, 0.25);
    private static readonly NumberSpec LineSetting = ParameterSpec.Length("line", "Line width", "Of outlines and gaps.", 0.4, 3, 1.2, 0.1);
    private static readonly CoatRole ToothCoat = new("tooth", "Teeth", Stage.BodyColour, Tool.Round6, 1, 85);
    private static readonly CoatRole LineCoat = new("line", "Outlines", Stage.Line, Tool.Round3, 1, 12, GoesRound: true);

    private static readonly CoatRole ShadeCoat = new("shade", "Soft shade between", Stage.Depth, Tool.Filbert, 1, 30, Optional: true);

    // The shade over the roots reaches this far past a tooth, in heights of it (common practice: 1.4 with the tooth).
    private const double ShadeOver = 0.4;

    public override string Id => "toothRow";

    public override string Label => "Tooth row";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<Zone> HangsOn => [Zone.Lips, Zone.UpperLip, Zone.Chin];

    public override Companion? UsuallyWith { get; } = new(["socket"], ["noseCavity", "nosePad", "muzzle", "beak"], Landmark.Pronasale, CautionCode.SkullWithoutNose);

    public override bool Sided => false;

    public override bool UsuallyReserved => false;

    public override IReadOnlyList<ParameterSpec> Parameters { get; } = [Style, Rows, Tooth, Grade, UpperHeight, LowerHeight, Beyond, Climb, Roots, Crooked, LineSetting];

    public override IReadOnlyList<CoatRole> Roles { get; } = [ToothCoat, LineCoat, ShadeCoat];

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var body = context.Body;
        var line = MouthLine(context);
        var rows = context.Word(Rows);
        var marks = new List<Mark>();
        var width = context.Number(LineSetting);
        var style = context.Word(Style);
        var teeth = 0;
        foreach (var (wanted, up, height) in new[] { ("upper", 1.0, UpperHeight), ("lower", -1.0, LowerHeight) })
        {
            if (rows == wanted || rows == "upper and lower" && (style != Stitches || up > 0))
            {
                foreach (var side in new[] { Side.Left, Side.Right })
                {
                    var drawn = Half(context, style, line, side, up, context.Number(height), width).ToArray();
                    teeth += Counted(drawn, style);
                    marks.AddRange(drawn);
                }
            }
        }

        // A lower jaw that stands out: its teeth grow up over the upper lip.
        if (rows == FromBelow)
        {
            var rim = new ChartPoint(0, 0.7 * (context.At(Landmark.LabialeInferius).YMm - context.At(Landmark.MouthLine).YMm));
            line = [.. line.Select(p => p + rim)];
            foreach (var side in new[] { Side.Left, Side.Right })
            {
                var drawn = Half(context, style, line, side, 1, context.Number(UpperHeight), width).ToArray();
                teeth += Counted(drawn, style);
                marks.AddRange(drawn);
            }
        }

        var full = line.Select(p => p.Mirrored()).Reverse().Concat(line.Skip(1)).ToArray();
        marks.Add(new StrokeMark(LineCoat.Id, Side.Middle, full, Taper(full.Length, 1.5 * width)));
        var fills = marks.OfType<RegionMark>().Where(m => m.Role != ShadeCoat.Id).Sum(m => body.Chart.AreaMm2(m.Outline));
        return (
            marks,
            [
                new("Teeth", teeth, ""),
                new("Row width", body.LineMm(full), "mm", FormattableString.Invariant($"mouth {body.MeasuresMm["mouthWidth"]:0} mm")),
                new("Middle tooth", context.Number(Tooth), "mm", "wide"),
                new("Area", fills / 100, "cm²"),
            ]);
    }

    private static int Counted(Mark[] drawn, string style) => style switch
    {
        Stitches => drawn.Count(m => m is StrokeMark) / 2,
        Gaps => drawn.Count(m => m is StrokeMark),
        _ => drawn.OfType<RegionMark>().Count(m => m.Role != ShadeCoat.Id),
    };

    // From the mid-line to the left end: along the closed lips, then on to the cheek.
    private static List<ChartPoint> MouthLine(PartContext context)
    {
        var corner = context.At(Landmark.Cheilion);
        var middle = context.At(Landmark.MouthLine);
        var beyond = context.Number(Beyond);
        var end = context.Body.Go(corner, Math.Atan2(context.Number(Climb), Math.Abs(beyond) + 14), beyond);
        var inside = new ChartPoint(0.55 * corner.XMm, 0.4 * corner.YMm + 0.6 * middle.YMm);
        return beyond >= 3
            ? Curves.Through([middle, inside, corner, end], closed: false)
            : Curves.Through([middle, inside, beyond < 0 ? end : corner], closed: false);
    }

    private static IEnumerable<Mark> Half(
        PartContext context, string style, List<ChartPoint> line, Side side, double up, double heightMm, double lineMm)
    {
        var body = context.Body;
        var total = body.LineMm(line);
        var grade = context.Number(Grade);
        var crooked = context.Number(Crooked);
        var roots = context.Number(Roots);
        var random = context.Design;
        var from = lineMm / 2;
        var width = context.Number(Tooth);
        for (var k = 0; from + width * 0.75 <= total && width >= LeastToothMm && k < 20; k++)
        {
            var size = 1 - 0.45 * (from / total);
            var height = context.Uneven(heightMm * size * (1 + 0.22 * crooked * random.Either()));
            var tilt = crooked * 0.25 * random.Either() * width;
            var to = Math.Min(from + width - lineMm / 2, total);
            ChartPoint Here(ChartPoint p) => side == Side.Right ? p.Mirrored() : p;
            var box = new Slot(body, line, from / total, to / total, up, height, tilt);
            var outline = (style switch { Pressed => box.PressedTooth(), Dropped => box.Drop(), Pointed => box.PointedTooth(), _ => box.RoundTooth() }).Select(Here).ToList();
            if (style == Stitches)
            {
                foreach (var thread in box.Cross())
                {
                    yield return new StrokeMark(LineCoat.Id, side, [.. thread.Select(Here)], [0.6 * lineMm, lineMm, 0.6 * lineMm]);
                }
            }
            else if (style == Gaps)
            {
                yield return new StrokeMark(LineCoat.Id, side, [.. box.Gap().Select(Here)], [1.1 * lineMm, lineMm, 0.3]);
            }
            else if (style == Bare)
            {
                // The base is the tooth: only the dark between and over it is painted, drop by drop.
                yield return new RegionMark(LineCoat.Id, side, Curves.Polygon(box.DarkDrop(lineMm).Select(Here)), 0.6);
            }
            else
            {
                yield return new RegionMark(ToothCoat.Id, side, Curves.Polygon(outline), 0.6);
            }

            if (style is not Stitches)
            {
                yield return new RegionMark(ShadeCoat.Id, side, Curves.Polygon(box.RootShade(ShadeOver).Select(Here)), 4);
            }

            if (style is Outlined or Pointed)
            {
                var drawn = outline.Append(outline[0]).ToArray();
                yield return new StrokeMark(LineCoat.Id, side, drawn, [.. Enumerable.Repeat(lineMm, drawn.Length)]);
            }

            if (roots > 0 && style is Outlined or Gaps)
            {
                var root = outline[outline.Count / 2];
                var tip = root + up * roots * size * new ChartPoint(0.12 * (side == Side.Right ? -1 : 1), 1);
                yield return new StrokeMark(LineCoat.Id, side, [root, 0.5 * (root + tip), tip], [lineMm, 0.7 * lineMm, 0.25]);
            }

            from += width;
            width *= grade;
        }
    }

    // Where one tooth stands: its piece of the mouth line, up or down, with a height and a tilt.
    private sealed record Slot(FittedBody Body, List<ChartPoint> Line, double From, double To, double Up, double Height, double Tilt)
    {
        private ChartPoint A => Curves.At(Line, From);

        private ChartPoint B => Curves.At(Line, To);

        private ChartPoint Bite => new(0, 0.9 * Up);

        private ChartPoint Crown => Body.Go(0.5 * (A + B) + new ChartPoint(Tilt, 0), Up * Math.PI / 2, Height);

        // The root is narrower than the biting edge; both ends are rounded.
        public List<ChartPoint> RoundTooth()
        {
            var shoulder = new ChartPoint(Tilt, Up * Height * 0.72);
            var narrow = 0.1 * (B - A);
            return Curves.Through([A + Bite, A + narrow + shoulder, Crown, B - narrow + shoulder, B + Bite], closed: true);
        }

        // One press of a petal brush: round at the bite, drawn out to a point at the root.
        public List<ChartPoint> PressedTooth()
        {
            var (low, across) = (0.5 * (A + B) + Bite, 0.5 * (B - A));
            var rise = Crown - low;
            return Curves.Through(
                [low, low + 0.12 * rise + 0.8 * across, low + 0.4 * rise + 0.75 * across, Crown, low + 0.4 * rise - 0.75 * across, low + 0.12 * rise - 0.8 * across],
                closed: true);
        }

        // Broad at the gum, a point at the bite.
        public List<ChartPoint> PointedTooth()
        {
            var gum = Crown - (0.5 * (A + B) + new ChartPoint(Tilt, 0));
            return [A + gum, 0.5 * (A + B) + 1.06 * gum, B + gum, B + 0.5 * gum - 0.2 * (B - A), 0.5 * (A + B) + Bite, A + 0.5 * gum + 0.2 * (B - A)];
        }

        // Round at the gum, a point at the bite.
        public List<ChartPoint> Drop()
        {
            var (low, across) = (0.5 * (A + B) + Bite, 0.46 * (B - A));
            var rise = Crown - low;
            return Curves.Through([low, low + 0.35 * rise + 0.42 * across, low + 0.75 * rise + across, low + rise, low + 0.75 * rise - across, low + 0.35 * rise - 0.42 * across], closed: true);
        }

        // Between two teeth: thick at the gum, thin at the bite.
        public List<ChartPoint> DarkDrop(double lineMm)
        {
            var rise = Crown - 0.5 * (A + B);
            var half = Math.Max(0.6, 0.9 * lineMm) / Math.Max(1e-6, (B - A).Length()) * (B - A);
            return Curves.Through([B + Bite, B + 0.55 * rise + 0.5 * half, B + 1.1 * rise + half, B + 1.25 * rise, B + 1.1 * rise - half, B + 0.55 * rise - 0.5 * half], closed: true);
        }

        public List<ChartPoint> RootShade(double over)
        {
            var rise = Crown - 0.5 * (A + B);
            return Curves.Through([A + 0.7 * rise, A + (1 + 0.5 * over) * rise, 0.5 * (A + B) + (1 + over) * rise, B + (1 + 0.5 * over) * rise, B + 0.7 * rise], closed: true);
        }

        public List<ChartPoint> Gap() => [B + Bite, B + 0.5 * (Crown - 0.5 * (A + B)), B + Crown - 0.5 * (A + B)];

        public IEnumerable<List<ChartPoint>> Cross()
        {
            var rise = 0.6 * (Crown - 0.5 * (A + B));
            yield return [A - rise, 0.5 * (A + B), B + rise];
            yield return [A + rise, 0.5 * (A + B), B - rise];
        }
    }

    private static double[] Taper(int count, double widthMm) =>
        [.. Enumerable.Range(0, count).Select(k => Math.Max(0.4, widthMm * Math.Sin(Math.PI * (k + 0.5) / count)))];
}
