using Datura.Core.Wording;

namespace Datura.Core.Shapes.Kinds;

/// <summary>A bolt that seems to stand out from the skin: plate, head, slot and drop shadow.</summary>
public sealed class Bolts() : DrawnKind("bolts", "Bolt", Family.Flesh, ["neck side", "temple", "jaw"],
    [new("shadow", "Drop shadow", Stage.Depth, Tool.Filbert, 1, 29), new("metal", "Metal", Stage.BodyColour, Tool.Round5, 1, 65), Line("Outlines", goesRound: true), new("light", "Light", Stage.Highlight, Tool.Round1, 1, 95)],
    [
        ParameterSpec.Choice("on", "Sits on", "The place of the bolt.", 0, "neck", "temple", "jaw"),
        ParameterSpec.Length("size", "Size", "Across the head.", 6, 34, 15),
        ParameterSpec.Length("shadow", "Shadow", "How far it falls.", 1, 14, 5),
        ParameterSpec.Angle("slot", "Slot", "Turn of the slot.", -90, 90, 30),
    ])
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("metal", 7, 1.5)];

    public override bool ThrowsShadow => true;

    public override bool NeedsOwnGround => true;

    public override Companion? UsuallyWith { get; } = new([], ["stitches", "crackCluster"], "tragion_left", CautionCode.BoltsHoldNothing);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var at = context.Word("on") switch
        {
            "temple" => context.Body.Go(context.At("exocanthion"), 0.75, 30),
            "jaw" => context.At("gonion") + new Body.ChartPoint(-6, 8),
            _ => context.At("thyroid_notch") + new Body.ChartPoint(48, 14),
        };
        var frame = new SkinFrame(context.Body, at, context.UnevenAngle(context.Number("slot") * Math.PI / 180));
        var size = context.Uneven(context.Number("size"));
        var head = frame.Ellipse(size, size);
        var fall = new Body.ChartPoint(0.3 * context.Number("shadow"), -context.Number("shadow"));
        pen.Say("Across", size, "mm");
        pen.Fill("shadow", [.. head.Select(p => p + fall)], 0.5 * context.Number("shadow") + 1);
        pen.Fill("metal", head);
        pen.Stroke("line", [.. head, head[0]], Profile.Even(1.2));
        pen.Stroke("line", frame.Path((-0.34 * size, 0), (0, 0), (0.34 * size, 0)), Profile.Even(0.13 * size));
        pen.Stroke("light", new SkinFrame(context.Body, at, 0).Curve((-0.32 * size, 0.12 * size), (-0.18 * size, 0.32 * size), (0.05 * size, 0.37 * size)), Profile.Swelling(0.1 * size));
    }
}
