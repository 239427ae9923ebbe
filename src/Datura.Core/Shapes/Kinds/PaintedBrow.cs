namespace Datura.Core.Shapes.Kinds;

/// <summary>A brow as a body of colour or hair by hair; the slope of its ends is the temper of the face (common practice, the wearer's own brow being the zero).</summary>
public sealed class PaintedBrow() : DrawnKind("brow", "Brow", Family.Creature, [Zone.Orbit, Zone.Forehead],
    [BrowCoat, HairCoat], [Form, Width, Inner, Outer, Lift, Past])
{
    private const string Colour = "colour", Hairs = "hairs", BothForms = "colour and hairs";

    private static readonly ChoiceSpec Form = ParameterSpec.Choice("form", "Painted as", "A body of colour, single hairs, or hairs over colour.", 0, Colour, Hairs, BothForms);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At its thickest.", 2, 22, 7);
    private static readonly NumberSpec Inner = ParameterSpec.Length("inner", "Inner end", "Up; less than 0 pulls it down, as anger does.", -16, 20, 0);
    private static readonly NumberSpec Outer = ParameterSpec.Length("outer", "Outer end", "Up; less than 0 lets it fall, as grief does.", -14, 30, 2);
    private static readonly NumberSpec Lift = ParameterSpec.Length("lift", "Above the own brow", "The whole of it.", -4, 30, 0);
    private static readonly NumberSpec Past = ParameterSpec.Length("past", "Past the own brow", "How far it runs on to the temple.", -10, 40, 4);
    private static readonly CoatRole BrowCoat = new("brow", "Brow", Stage.BodyColour, Tool.Angled, 1, 18);
    private static readonly CoatRole HairCoat = new("hair", "Hairs", Stage.Line, Tool.Round1, 1, 12);

    // From hair to hair along the brow, mm (by judgement).
    private const double ApartMm = 1.7;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var lift = new ChartPoint(0, context.Number(Lift));
        var outer = body.Go(context.At(Landmark.BrowOuter), 0.3, context.Uneven(context.Number(Past) + 12) - 12);
        var line = Curves.Through(
            [context.At(Landmark.BrowInner) + lift + new ChartPoint(-1, context.Number(Inner)), context.At(Landmark.BrowPeak) + lift + new ChartPoint(0, 0.3 * context.Number(Outer)),
                outer + lift + new ChartPoint(0, context.Number(Outer))],
            closed: false);
        var width = context.Uneven(context.Number(Width));
        double Half(double t) => width / 2 * (0.75 + 0.25 * Math.Sin(Math.PI * Math.Min(1, 1.6 * t))) * Math.Pow(Math.Max(0.02, 1 - t), 0.55);
        var mm = body.LineMm(line);
        pen.Say("Length", mm, "mm");
        var form = context.Word(Form);
        if (form != Hairs)
        {
            pen.Fill(BrowCoat, Curves.Band(line, Half), 1);
        }

        if (form != Colour)
        {
            for (var at = 0.0; at < mm; at += ApartMm)
            {
                var t = at / mm;
                var along = (Curves.At(line, Math.Min(1, t + 0.04)) - Curves.At(line, Math.Max(0, t - 0.04))).Angle();
                // Upright at the nose, lying down along the brow outwards.
                var heading = along + 1.15 * (1 - t) * (1 - t) + 0.18 + 0.12 * context.Design.Either();
                var foot = Curves.At(line, t) + new ChartPoint(0, -Half(t) * (0.6 + 0.5 * context.Design.Either()));
                var hair = new SkinFrame(body, foot, heading);
                var length = (0.9 * width + 3) * (0.75 + 0.3 * context.Design.Unit());
                pen.Stroke(HairCoat, hair.Curve((0, 0), (0.55 * length, -0.05 * length), (length, -0.16 * length)), Profile.ThickToThin(1));
            }
        }
    }
}
