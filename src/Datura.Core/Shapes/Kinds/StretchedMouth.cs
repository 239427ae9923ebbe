namespace Datura.Core.Shapes.Kinds;

/// <summary>The mouth line drawn on over the cheek towards the ear, crossed by flicks that shrink as they climb.</summary>
public sealed class StretchedMouth() : DrawnKind("stretchedMouth", "Stretched mouth", Family.Bone, [Zone.Lips, Zone.CheekHollow, Zone.Chin, Zone.UpperLip],
    [LineCoat], [Beyond, Climb, Flicks, FlickSetting, Grade, Form, LineSetting])
{
    private static readonly NumberSpec Beyond = ParameterSpec.Length("beyond", "Past the mouth corner", "On the skin.", 10, 110, Of(0.42, "lowerFaceHeight"));
    private static readonly NumberSpec Climb = ParameterSpec.Angle("climb", "Climb", "Towards the ear.", -10, 60, 24);
    private static readonly CountSpec Flicks = ParameterSpec.Count("flicks", "Flicks a side", "From the middle out.", 3, 20, 10);
    private static readonly NumberSpec FlickSetting = ParameterSpec.Length("flick", "Tallest flick", "In the middle, over the line and under it.", 3, 26, Of(0.1, "lowerFaceHeight"));
    private static readonly NumberSpec Grade = ParameterSpec.Ratio("grade", "Grading", "Height of each flick to the one before it.", 0.7, 1, 0.9);
    private static readonly ChoiceSpec Form = ParameterSpec.Choice("form", "Flicks", "How each is drawn.", 0, "straight", "crossed", "pointed");
    private static readonly NumberSpec LineSetting = ParameterSpec.Length("line", "Line width", "At the middle.", 0.6, 5, 1.8, 0.2);
    private static readonly CoatRole LineCoat = Line("Mouth line and flicks", goesRound: true);

    public override Companion? UsuallyWith { get; } = new(["socket"], ["noseCavity", "nosePad", "muzzle", "beak"], Landmark.Pronasale, CautionCode.MouthWithoutNose);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var corner = context.At(Landmark.Cheilion);
        var middle = context.At(Landmark.MouthLine);
        var climb = context.UnevenAngle(context.Number(Climb) * Math.PI / 180);
        var half = context.Body.Go(corner, 0.6 * climb, 0.5 * context.Number(Beyond));
        var end = context.Body.Go(half, 1.25 * climb, 0.5 * context.Number(Beyond));
        var line = Curves.Through([middle, new(0.55 * corner.XMm, 0.4 * corner.YMm + 0.6 * middle.YMm), corner, half, end], closed: false);
        var width = context.Number(LineSetting);
        pen.Say("Past the corner", context.Number(Beyond), "mm");
        pen.Say("Whole line", 2 * context.Body.LineMm(line), "mm", FormattableString.Invariant($"mouth {context.Body.MeasuresMm["mouthWidth"]:0} mm"));
        pen.Stroke(LineCoat, line, Profile.ThickToThin(width));
        var count = context.Count(Flicks);
        var tall = context.Uneven(context.Number(FlickSetting));
        for (var k = 0; k < count; k++)
        {
            var share = (k + 0.5) / count;
            var at = Curves.At(line, share);
            var ahead = Curves.At(line, Math.Min(1, share + 0.02)) - Curves.At(line, Math.Max(0, share - 0.02));
            var up = new SkinFrame(context.Body, at, Math.Atan2(ahead.YMm, ahead.XMm) + Math.PI / 2);
            foreach (var flick in Flick(context.Word(Form), up, tall, 0.8 * width))
            {
                pen.Stroke(LineCoat, flick, Profile.Swelling(0.75 * width * Math.Sqrt(tall / context.Number(FlickSetting))));
            }

            tall *= context.Number(Grade);
        }
    }

    private static IEnumerable<List<ChartPoint>> Flick(string form, SkinFrame up, double tall, double lean) => form switch
    {
        "crossed" => [up.Path((-0.5 * tall, 0.3 * tall), (0, 0), (0.5 * tall, -0.3 * tall)), up.Path((-0.5 * tall, -0.3 * tall), (0, 0), (0.5 * tall, 0.3 * tall))],
        "pointed" => [up.Path((0, 0.25 * tall), (0.4 * tall, 0.12 * tall), (0.75 * tall, 0)), up.Path((0.75 * tall, 0), (0.4 * tall, -0.12 * tall), (0, -0.25 * tall))],
        _ => [up.Curve((-0.5 * tall, lean), (0, 0), (0.5 * tall, -lean))],
    };
}
