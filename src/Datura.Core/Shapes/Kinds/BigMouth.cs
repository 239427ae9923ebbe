namespace Datura.Core.Shapes.Kinds;

/// <summary>A huge mouth from the nostrils to the lower jaw, with graded teeth above and below; it leaves room for them.</summary>
public sealed class BigMouth() : DrawnKind("bigMouth", "Big mouth", Family.Flesh, [Zone.Lips, Zone.UpperLip, Zone.Chin],
    [ThroatCoat, ToothCoat, LineCoat], [Beyond, Up, Down, Tooth, Grade, Curl], sided: false, reserved: true)
{
    private static readonly NumberSpec Beyond = ParameterSpec.Length("beyond", "Past the mouth corner", "How far it reaches on to the cheek.", 0, 50, Of(0.42, "mouthWidth"));
    private static readonly NumberSpec Up = ParameterSpec.Length("up", "Up", "From the mouth line towards the nostrils.", 6, 34, Of(0.17, "lowerFaceHeight"));
    private static readonly NumberSpec Down = ParameterSpec.Length("down", "Down", "From the mouth line towards the jaw.", 8, 45, Of(0.24, "lowerFaceHeight"));
    private static readonly NumberSpec Tooth = ParameterSpec.Length("tooth", "Middle tooth", "Its width.", 4, 18, 9);
    private static readonly NumberSpec Grade = ParameterSpec.Ratio("grade", "Grading", "Width of each tooth to the one before it.", 0.7, 1, 0.88);
    private static readonly NumberSpec Curl = ParameterSpec.Length("curl", "Smile", "How far the corners rise.", -15, 30, 12);
    private static readonly CoatRole ThroatCoat = new("throat", "Throat", Stage.BodyColour, Tool.FlatBrush, 1, 15);
    private static readonly CoatRole ToothCoat = new("tooth", "Teeth", Stage.BodyColour, Tool.Round6, 1, 88);
    private static readonly CoatRole LineCoat = Line("Outline", goesRound: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(ThroatCoat, -6, 5)];

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (line, corner) = (context.At(Landmark.MouthLine), context.At(Landmark.Cheilion));
        var end = context.Body.Go(corner, 0.25, context.Uneven(context.Number(Beyond))) + new ChartPoint(0, context.Number(Curl));
        var top = context.Body.Go(line, Math.PI / 2, context.Number(Up));
        var low = context.Body.Go(line, -Math.PI / 2, context.Number(Down));
        List<ChartPoint> upper = Curves.Through([top, new(0.45 * end.XMm, top.YMm - 0.5 + 0.25 * context.Number(Curl)), end], closed: false);
        List<ChartPoint> lower = Curves.Through([low, new(0.55 * end.XMm, 0.75 * low.YMm + 0.25 * end.YMm - 2), end], closed: false);
        ChartPoint[] right = [.. upper, .. Enumerable.Reverse(lower)];
        var outline = right.Concat(lower.Skip(1).Concat(Enumerable.Reverse(upper)).Select(p => p.Mirrored())).ToArray();
        pen.Say("Width", 2 * context.Body.TapeMm(new(0, end.YMm), end), "mm");
        pen.Say("Height", context.Body.LineMm([top, low]), "mm");
        pen.Fill(ThroatCoat, outline, 1);
        pen.Stroke(LineCoat, [.. outline, outline[0]], Profile.Even(2));
        foreach (var (edge, up) in new[] { (upper, -1.0), (lower, 1.0) })
        {
            var total = context.Body.LineMm(edge);
            var (from, width) = (0.4, context.Number(Tooth));
            while (from + width < 0.94 * total && width >= ToothRow.LeastToothMm)
            {
                var (a, b) = (Curves.At(edge, from / total), Curves.At(edge, (from + width) / total));
                var tip = 0.5 * (a + b) + new ChartPoint(0, up * Math.Min(1.35 * width, 0.42 * Math.Abs(upper[0].YMm - lower[0].YMm)));
                foreach (var flip in new[] { false, true })
                {
                    ChartPoint[] tooth = [a, b, tip];
                    pen.Fill(ToothCoat, flip ? [.. tooth.Select(p => p.Mirrored())] : tooth, 0.6);
                }

                (from, width) = (from + width + 0.6, width * context.Number(Grade));
            }
        }
    }
}
