namespace Datura.Core.Shapes.Kinds;

/// <summary>A dark wedge along the brow; its slope towards the nose makes the face angry or sad (common practice).</summary>
public sealed class BrowShadow() : DrawnKind("browShadow", "Brow shadow", Family.Bone, [Zone.Orbit, Zone.Forehead],
    [ShadeCoat], [Width, Drop, Past, Edge])
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the nose", "The wedge thins towards the temple.", 3, 25, 9);
    private static readonly NumberSpec Drop = ParameterSpec.Length("drop", "Drop at the nose", "Pulls the inner end down; negative lifts it.", -12, 16, 6);
    private static readonly NumberSpec Past = ParameterSpec.Length("past", "Past the brow end", "How far it runs on to the temple.", -10, 30, 5);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which the shade thins out.", 0.5, 14, 4, 0.5);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.Filbert, 1, 20);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(ShadeCoat, -3, 8)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var spine = Curves.Through(
            [body.Go(context.At(Landmark.BrowInner), -Math.PI / 2, context.Number(Drop)), context.At(Landmark.BrowPeak),
                body.Go(context.At(Landmark.BrowOuter), 0.5, context.Uneven(context.Number(Past) + 12) - 12)],
            closed: false);
        var width = context.Uneven(context.Number(Width));
        pen.Say("Length", body.LineMm(spine), "mm", "along the brow");
        pen.Fill(ShadeCoat, Curves.Band(spine, t => width / 2 * (1 - 0.8 * t)), context.Number(Edge));
    }
}
