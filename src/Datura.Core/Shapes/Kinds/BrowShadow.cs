namespace Datura.Core.Shapes.Kinds;

/// <summary>A dark wedge along the brow; its slope towards the nose makes the face angry or sad (common practice).</summary>
public sealed class BrowShadow() : DrawnKind("browShadow", "Brow shadow", Family.Bone, ["orbit", "forehead"],
    [new("shade", "Shade", Stage.Depth, Tool.Filbert, 1, 20)],
    [
        ParameterSpec.Length("width", "Width at the nose", "The wedge thins towards the temple.", 3, 25, 9),
        ParameterSpec.Length("drop", "Drop at the nose", "Pulls the inner end down; negative lifts it.", -12, 16, 6),
        ParameterSpec.Length("past", "Past the brow end", "How far it runs on to the temple.", -10, 30, 5),
        ParameterSpec.Length("edge", "Soft edge", "Width over which the shade thins out.", 0.5, 14, 4, 0.5),
    ])
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("shade", -3, 8)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var spine = Curves.Through(
            [body.Go(context.At("brow_inner"), -Math.PI / 2, context.Number("drop")), context.At("brow_peak"), body.Go(context.At("brow_outer"), 0.5, context.Uneven(context.Number("past") + 12) - 12)],
            closed: false);
        var width = context.Uneven(context.Number("width"));
        pen.Say("Length", body.LineMm(spine), "mm", "along the brow");
        pen.Fill("shade", Curves.Band(spine, t => width / 2 * (1 - 0.8 * t)), context.Number("edge"));
    }
}
