namespace Datura.Core.Shapes.Kinds;

/// <summary>Ears of an animal painted on the forehead over the brows, with the dark inside and tufts at the root.</summary>
public sealed class BrowEars() : DrawnKind("browEars", "Ears on the forehead", Family.Creature, [Zone.Forehead, Zone.Temple],
    [EarCoat, InsideCoat, TuftCoat], [Form, Height, Width, Apart, Lean])
{
    private const string Pointed = "pointed", Round = "round", Long = "long";

    private static readonly ChoiceSpec Form = ParameterSpec.Choice("form", "Form", "Of the ear.", 0, Pointed, Round, Long);
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "From the brow up.", 15, 80, Of(0.28, "faceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At the root.", 8, 50, Of(0.2, "faceWidth"));
    private static readonly NumberSpec Apart = ParameterSpec.Length("apart", "From the middle", "To the middle of the ear's root.", 12, 60, 36);
    private static readonly NumberSpec Lean = ParameterSpec.Angle("lean", "Lean outwards", "0 stands upright.", -15, 50, 14);
    private static readonly CoatRole EarCoat = new("ear", "Ears", Stage.BodyColour, Tool.Filbert, 1, 35);
    private static readonly CoatRole InsideCoat = new("inside", "Inside", Stage.BodyColour, Tool.Filbert, 1, 18);
    private static readonly CoatRole TuftCoat = new("tuft", "Tufts", Stage.Highlight, Tool.Round2, 1, 85);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(EarCoat, 4, 6)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var root = new ChartPoint(context.Number(Apart), context.At(Landmark.BrowPeak).YMm + 8);
        var frame = new SkinFrame(context.Body, root, context.UnevenAngle((90 - context.Number(Lean)) * Math.PI / 180));
        var (h, w) = (context.Uneven(context.Number(Height)), context.Number(Width) / 2);
        List<ChartPoint> Ear(double share)
        {
            var (tall, wide, foot) = (h * share, w * share, 0.16 * h * (1 - share));
            return context.Word(Form) switch
            {
                Round => frame.Outline((foot, wide), (foot + 0.4 * tall, 1.1 * wide), (foot + 0.8 * tall, 0.75 * wide), (foot + 0.95 * tall, 0),
                    (foot + 0.8 * tall, -0.75 * wide), (foot + 0.4 * tall, -1.1 * wide), (foot, -wide), (foot - 0.06 * tall, 0)),
                Long => frame.Outline((foot, 0.55 * wide), (foot + 0.35 * tall, 0.8 * wide), (foot + 0.75 * tall, 0.55 * wide), (foot + tall, 0.05 * wide),
                    (foot + 0.75 * tall, -0.5 * wide), (foot + 0.35 * tall, -0.7 * wide), (foot, -0.5 * wide), (foot - 0.05 * tall, 0)),
                _ => frame.Outline((foot, wide), (foot + 0.35 * tall, 0.82 * wide), (foot + 0.72 * tall, 0.4 * wide), (foot + tall, 0),
                    (foot + 0.7 * tall, -0.42 * wide), (foot + 0.35 * tall, -0.78 * wide), (foot, -wide), (foot - 0.06 * tall, 0)),
            };
        }

        pen.Say("Height", h, "mm", "from the brow");
        pen.Fill(EarCoat, Ear(1));
        pen.Fill(InsideCoat, Ear(0.66), 2);
        for (var k = -2; k <= 2; k++)
        {
            var tuft = new SkinFrame(context.Body, frame.At(0.04 * h, 0.28 * k * w), context.UnevenAngle((90 - context.Number(Lean) + 9 * k) * Math.PI / 180));
            pen.Stroke(TuftCoat, tuft.Curve((0, 0), (0.2 * h, 0.02 * h * k), ((0.34 - 0.03 * Math.Abs(k)) * h, -0.01 * h * k)), Profile.ThickToThin(1.8));
        }
    }
}
