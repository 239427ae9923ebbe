namespace Datura.Core.Shapes.Kinds;

/// <summary>Petals round the eye: largest at the outer corner, shrinking inwards, stopping part way (common practice).</summary>
public sealed class PetalRing() : DrawnKind("petalRing", "Petal ring", Family.Ornament, [Zone.Orbit, Zone.Temple, Zone.Cheekbone],
    [PetalCoat, LineCoat], [Count, Length, Grade, Round, Off])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Petals", "Round the eye.", 4, 16, 9);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the largest.", 8, 45, Of(0.17, "outerEyeDistance"));
    private static readonly NumberSpec Grade = ParameterSpec.Ratio("grade", "Grading", "Size of each petal to the one before it.", 0.75, 1, 0.9);
    private static readonly NumberSpec Round = ParameterSpec.Ratio("round", "Reach round", "Share of the eye that the ring goes round.", 0.3, 1, 0.72);
    private static readonly NumberSpec Off = ParameterSpec.Length("off", "Off the eye", "From the corners of the eye outwards.", 3, 25, 11);
    private static readonly CoatRole PetalCoat = new("petal", "Petals", Stage.BodyColour, Tool.Round6, 1, 60);
    private static readonly CoatRole LineCoat = Line("Outlines", Tool.Round1, goesRound: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(PetalCoat, 0.8, 1.5)];

    public override bool NeedsOwnGround => true;

    public override IReadOnlyList<string> StandsIn => ["socket"];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (inner, outer) = (context.At(Landmark.Endocanthion), context.At(Landmark.Exocanthion));
        var centre = 0.5 * (inner + outer);
        var (a, b) = (0.5 * (outer - inner).Length() + context.Number(Off), 8 + context.Number(Off));
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            // From the outer corner alternately up and down, so that both arms shrink towards the nose.
            var step = (k + 1) / 2 * (k % 2 == 0 ? 1 : -1);
            var angle = step * context.Number(Round) * 2 * Math.PI / count;
            var at = centre + new ChartPoint(a * Math.Cos(angle), b * Math.Sin(angle));
            var size = context.Uneven(context.Number(Length)) * Math.Pow(context.Number(Grade), Math.Abs(step) * 1.6);
            var petal = new SkinFrame(context.Body, at, context.UnevenAngle(Math.Atan2(a * Math.Sin(angle), b * Math.Cos(angle)))).Petal(size, 0.62 * size);
            pen.Fill(PetalCoat, petal);
            pen.Stroke(LineCoat, [.. petal, petal[0]], Profile.Even(1));
        }

        pen.Say("Largest petal", context.Number(Length), "mm");
        pen.Say("Petals a side", count, "");
    }
}
