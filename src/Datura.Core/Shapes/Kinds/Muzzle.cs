namespace Datura.Core.Shapes.Kinds;

/// <summary>The pale puffs either side of the mouth of a cat, dog or seal.</summary>
public sealed class Muzzle() : DrawnKind("muzzle", "Muzzle", Family.Creature, [Zone.UpperLip, Zone.CheekHollow],
    [PaleCoat, LineCoat], [Width, Height, Edge])
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width a side", "From the middle of the lip.", 12, 60, Of(0.62, "mouthWidth"));
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "Of each puff.", 10, 50, Of(0.22, "lowerFaceHeight"));
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which it thins out.", 0.5, 16, 5);
    private static readonly CoatRole PaleCoat = new("pale", "Muzzle", Stage.BodyColour, Tool.Sponge, 1, 92);
    private static readonly CoatRole LineCoat = Line("Lower edge", Tool.Round3, goesRound: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(PaleCoat, 4, 14)];

    public override Companion? UsuallyWith { get; } = new([], ["nosePad"], Landmark.Pronasale, CautionCode.MuzzleWithoutPad);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var frame = new SkinFrame(context.Body, context.At(Landmark.LabialeSuperius) + new ChartPoint(0, 4), context.UnevenAngle(0));
        var (w, h) = (context.Uneven(context.Number(Width)), context.Uneven(context.Number(Height)));
        pen.Say("Width a side", w, "mm");
        pen.Say("Height", h, "mm");
        pen.Fill(PaleCoat, frame.Outline((-0.5, 0.2 * h), (0.35 * w, 0.5 * h), (0.8 * w, 0.32 * h), (w, -0.1 * h), (0.75 * w, -0.46 * h), (0.3 * w, -0.42 * h), (-0.5, -0.2 * h)),
            context.Number(Edge));
        pen.Stroke(LineCoat, frame.Curve((0, -0.2 * h), (0.3 * w, -0.46 * h), (0.75 * w, -0.48 * h), (w, -0.12 * h)), Profile.ThickToThin(2));
    }
}
