namespace Datura.Core.Shapes;

/// <summary>What a line can carry: things in a row along it, the painter's to choose.</summary>
public static class AlongLine
{
    private const string Nothing = "nothing", Dots = "dots", Drops = "drops", Stitches = "stitches", Scallops = "scallops", Thorns = "thorns", Hairs = "hairs";

    public static readonly ChoiceSpec What = ParameterSpec.Choice("carries", "Carries", "What stands along the line.", 0, Nothing, Dots, Drops, Stitches, Scallops, Thorns, Hairs);
    public static readonly ChoiceSpec Beside = ParameterSpec.Choice("beside", "On its", "Which side of the line they stand on, or alternate.", 0, "outer side", "inner side", "both sides");
    public static readonly NumberSpec Size = ParameterSpec.Length("carriedSize", "Their size", "Length of the first.", 0.8, 40, 8);
    public static readonly NumberSpec Apart = ParameterSpec.Length("carriedApart", "From one to the next", "Along the line.", 1.5, 60, 11);
    public static readonly NumberSpec Next = ParameterSpec.Ratio("carriedNext", "Each next", "Share of the one before.", 0.6, 1.2, 1);
    public static readonly NumberSpec Off = ParameterSpec.Length("carriedOff", "Off the line", "From the line to where they begin.", 0, 20, 0);
    public static readonly NumberSpec Lean = ParameterSpec.Angle("carriedLean", "Lean", "Towards the line's end.", -80, 80, 0);
    public static readonly CoatRole Coat = new("carried", "Along it", Stage.Line, Tool.Round3, 1, 30);

    private const int Most = 80;

    public static IReadOnlyList<ParameterSpec> Parameters { get; } = [What, Beside, Size, Apart, Next, Off, Lean];

    /// <param name="outer">1 when the outer side lies to the left of the line's way, −1 when to the right.</param>
    public static void Draw(PartContext context, MarkPen pen, IReadOnlyList<ChartPoint> line, int outer, bool closed)
    {
        var what = context.Word(What);
        var length = Curves.Length(line);
        if (what == Nothing || length < 1)
        {
            return;
        }

        var apart = Math.Max(context.Number(Apart), length / Most);
        var count = closed ? Math.Max(1, (int)Math.Round(length / apart)) : (int)Math.Floor(length / apart + 1e-9) + 1;
        var start = closed ? 0 : (length - (count - 1) * apart) / 2;
        var step = closed ? length / count : apart;
        var beside = context.Word(Beside);
        var drawn = 0;
        for (var k = 0; k < count; k++)
        {
            // A row that grows and grows stays on a face.
            var size = Math.Min(Size.Most, context.Number(Size) * Math.Pow(context.Number(Next), k));
            if (size < 0.5)
            {
                break;
            }

            var side = beside switch { "inner side" => -outer, "both sides" => k % 2 == 0 ? outer : -outer, _ => outer };
            var from = (start + k * step) / length;
            One(what, from, Math.Min(1, from + step / length), side, size, k == count - 1 && !closed);
            drawn++;
        }

        pen.Say("Along it", drawn, "", what);

        void One(string thing, double from, double to, int side, double size, bool last)
        {
            var at = Curves.At(line, from);
            var way = (Curves.At(line, Math.Min(1, from + 0.005)) - Curves.At(line, Math.Max(0, from - 0.005))).Angle();
            var heading = context.UnevenAngle(way + side * (Math.PI / 2 - context.Number(Lean) * Math.PI / 180));
            var foot = context.Body.Go(at, way + side * Math.PI / 2, context.Number(Off) + (thing == Dots && context.Number(Off) > 0 ? size / 2 : 0));
            var frame = new SkinFrame(context.Body, foot, heading);
            size = context.Uneven(size);
            switch (thing)
            {
                case Dots:
                    pen.Dot(Coat, foot, size);
                    break;
                case Drops:
                    // The round end hangs out, the point on the line.
                    pen.Fill(Coat, [.. new SkinFrame(context.Body, frame.At(size, 0), heading + Math.PI).Drop(size, 0.5 * size)]);
                    break;
                case Stitches:
                    pen.Stroke(Coat, [frame.At(-size / 2, 0), frame.At(0, 0), frame.At(size / 2, 0)], Profile.Swelling(Math.Clamp(0.14 * size, 0.6, 2)));
                    break;
                case Thorns:
                    pen.Fill(Coat, [frame.At(0, 0.22 * size), frame.At(0.45 * size, 0.02 * size), frame.At(size, -0.16 * size), frame.At(0.4 * size, -0.14 * size), frame.At(0, -0.26 * size)]);
                    break;
                case Hairs:
                    pen.Stroke(Coat, frame.Curve((0, 0), (0.5 * size, 0.05 * size), (size, 0.16 * size)), Profile.ThickToThin(Math.Clamp(0.1 * size, 0.5, 1.4)));
                    break;
                case Scallops when !last:
                    var end = Curves.At(line, to);
                    var middle = 0.5 * (foot + end) + size * new ChartPoint(Math.Cos(heading), Math.Sin(heading));
                    pen.Stroke(Coat, Curves.Through([foot, middle, end], closed: false), Profile.Swelling(Math.Clamp(0.16 * size, 0.6, 1.8)));
                    break;
                default:
                    break;
            }
        }
    }
}
