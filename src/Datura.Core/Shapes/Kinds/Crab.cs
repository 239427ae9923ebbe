namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// A crab that clings to the skin: a shell broader than long, two claws in front, four legs a side that start under the rim
/// and end in points; a light on the shell where the lamp meets it (proportions from memory, unverified). Its shadow comes
/// from the form.
/// </summary>
public sealed class Crab() : DrawnKind("crab", "Crab", Family.Attached, [Zone.Cheekbone, Zone.CheekHollow, Zone.Temple, Zone.Forehead, Zone.NeckFront],
    [ShellCoat, LineCoat, LightCoat], [On, Shell, Turn])
{
    private static readonly ChoiceSpec On = ParameterSpec.Choice("on", "Sits on", "The place of the shell.", 0, "cheekbone", "cheek", "forehead", "throat");
    private static readonly NumberSpec Shell = ParameterSpec.Length("shell", "Shell width", "Across the broadest part.", 8, 60, Of(0.17, "faceHeight"));
    private static readonly NumberSpec Turn = ParameterSpec.Angle("turn", "Turn", "Which way the claws point; 0 is up.", -180, 180, 25);
    private static readonly CoatRole ShellCoat = new("shell", "Shell", Stage.BodyColour, Tool.Round5, 1, 40);
    private static readonly CoatRole LineCoat = Line("Legs and claws", Tool.Round3);
    private static readonly CoatRole LightCoat = new("light", "Light", Stage.Highlight, Tool.Round1, 1, 92, Optional: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(ShellCoat, 6, 3), new(LineCoat, 2, 0)];

    public override bool ThrowsShadow => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word(On) switch
        {
            "cheek" => context.Body.Go(context.At(Landmark.Cheilion), 0.8, 26),
            "forehead" => context.At(Landmark.Glabella) + new ChartPoint(22, 26),
            "throat" => context.At(Landmark.Gonion) + new ChartPoint(-34, -38),
            _ => context.At(Landmark.Cheekbone) + new ChartPoint(0, -8),
        };
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(Math.PI / 2 - context.Number(Turn) * Math.PI / 180));
        var wide = context.Uneven(context.Number(Shell));
        var half = wide / 2;
        foreach (var side in new[] { 1, -1 })
        {
            foreach (var (root, knee, foot) in Legs)
            {
                pen.Stroke(LineCoat, frame.Curve((root.Along * half, side * root.Left * half), (knee.Along * half, side * knee.Left * half), (foot.Along * half, side * foot.Left * half)),
                    t => 0.09 * wide * (1 - 0.75 * t));
            }

            pen.Stroke(LineCoat, frame.Curve((0.5 * half, side * 0.62 * half), (0.85 * half, side * 1.2 * half), (1.3 * half, side * 1.02 * half)), t => 0.1 * wide * (1 - 0.25 * t));
            pen.Fill(ShellCoat, frame.Outline(
                (1.2 * half, side * 0.95 * half), (1.5 * half, side * 1.25 * half), (1.95 * half, side * 1.05 * half), (2.15 * half, side * 0.55 * half),
                (1.78 * half, side * 0.8 * half), (2.0 * half, side * 0.3 * half), (1.5 * half, side * 0.5 * half)), 0.5);
        }

        // Drawn last of the fills, so that the legs start under the rim.
        pen.Fill(ShellCoat, frame.Outline(
            (0.62 * half, 0), (0.55 * half, 0.55 * half), (0.18 * half, half), (-0.4 * half, 0.72 * half), (-0.68 * half, 0.3 * half),
            (-0.68 * half, -0.3 * half), (-0.4 * half, -0.72 * half), (0.18 * half, -half), (0.55 * half, -0.55 * half)), 0.6);
        pen.Stroke(LightCoat, frame.Curve((0.3 * half, 0.62 * half), (0.44 * half, 0.2 * half), (0.44 * half, -0.2 * half)), Profile.Swelling(0.07 * wide));
        pen.Say("Shell width", wide, "mm");
        pen.Say("Leg span", 2 * 1.95 * half, "mm", "check that it fits the field");
    }

    // In half shell widths, from the front pair to the hind one.
    private static readonly ((double Along, double Left) Root, (double Along, double Left) Knee, (double Along, double Left) Foot)[] Legs =
    [
        ((0.25, 0.8), (0.62, 1.45), (0.3, 1.95)),
        ((0.0, 0.85), (0.2, 1.55), (-0.28, 1.95)),
        ((-0.25, 0.75), (-0.25, 1.45), (-0.85, 1.7)),
        ((-0.45, 0.55), (-0.75, 1.05), (-1.3, 1.15)),
    ];
}
