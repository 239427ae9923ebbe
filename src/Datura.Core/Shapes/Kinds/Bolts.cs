namespace Datura.Core.Shapes.Kinds;

/// <summary>A bolt that seems to stand out from the skin: plate, head, slot and drop shadow.</summary>
public sealed class Bolts() : DrawnKind("bolts", "Bolt", Family.Flesh, [Zone.NeckSide, Zone.Temple, Zone.Jaw],
    [ShadowCoat, MetalCoat, LineCoat, LightCoat], [On, Size, Shadow, Slot])
{
    private static readonly ChoiceSpec On = ParameterSpec.Choice("on", "Sits on", "The place of the bolt.", 0, "neck", "temple", "jaw");
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Across the head.", 6, 34, 15);
    private static readonly NumberSpec Shadow = ParameterSpec.Length("shadow", "Shadow", "How far it falls.", 1, 14, 5);
    private static readonly NumberSpec Slot = ParameterSpec.Angle("slot", "Slot", "Turn of the slot.", -90, 90, 30);
    private static readonly CoatRole ShadowCoat = new("shadow", "Drop shadow", Stage.Depth, Tool.Filbert, 1, 29);
    private static readonly CoatRole MetalCoat = new("metal", "Metal", Stage.BodyColour, Tool.Round5, 1, 65);
    private static readonly CoatRole LineCoat = Line("Outlines", goesRound: true);
    private static readonly CoatRole LightCoat = new("light", "Light", Stage.Highlight, Tool.Round1, 1, 95);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(MetalCoat, 7, 1.5)];

    public override bool ThrowsShadow => true;

    public override bool NeedsOwnGround => true;

    public override Companion? UsuallyWith { get; } = new([], ["stitches", "crackCluster"], Landmark.Tragion.Left, CautionCode.BoltsHoldNothing);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var at = context.Word(On) switch
        {
            "temple" => context.Body.Go(context.At(Landmark.Exocanthion), 0.75, 30),
            "jaw" => context.At(Landmark.Gonion) + new ChartPoint(-6, 8),
            _ => context.At(Landmark.ThyroidNotch) + new ChartPoint(48, 14),
        };
        var frame = new SkinFrame(context.Body, at, context.UnevenAngle(context.Number(Slot) * Math.PI / 180));
        var size = context.Uneven(context.Number(Size));
        var head = frame.Ellipse(size, size);
        var fall = new ChartPoint(0.3 * context.Number(Shadow), -context.Number(Shadow));
        pen.Say("Across", size, "mm");
        pen.Fill(ShadowCoat, [.. head.Select(p => p + fall)], 0.5 * context.Number(Shadow) + 1);
        pen.Fill(MetalCoat, head);
        pen.Stroke(LineCoat, [.. head, head[0]], Profile.Even(1.2));
        pen.Stroke(LineCoat, frame.Path((-0.34 * size, 0), (0, 0), (0.34 * size, 0)), Profile.Even(0.13 * size));
        pen.Stroke(LightCoat, new SkinFrame(context.Body, at, 0).Curve((-0.32 * size, 0.12 * size), (-0.18 * size, 0.32 * size), (0.05 * size, 0.37 * size)), Profile.Swelling(0.1 * size));
    }
}
