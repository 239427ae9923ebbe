using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>The hole of a missing nose: one inverted heart or two drops that start at the nostril base and thin upwards.</summary>
public sealed class NoseCavity : PartKind
{
    private const string Heart = "one inverted heart";
    private const string Drops = "two drops";

    private static readonly ChoiceSpec Form = ParameterSpec.Choice("form", "Form", "One hole or two.", 0, Heart, Drops);
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "From the nostril base up the bridge.", 10, 70, DefaultHeight);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the base", "Across both wings of the nose.", 14, 50, b =>
        0.95 * b.TapeMm(b.At(Landmark.Alare.Left), b.At(Landmark.Pronasale)));
    private static readonly NumberSpec Bridge = ParameterSpec.Length("bridge", "Bridge between", "Bone left between two drops, or the notch of the heart.", 1, 14, 4, 0.5);
    private static readonly NumberSpec Ragged = ParameterSpec.Length("ragged", "Ragged edge", "How far the outline wanders.", 0, 3, 0.5, 0.5);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which the dark thins out.", 0.5, 8, 1.5, 0.5);
    private static readonly CoatRole DarkCoat = new("dark", "Cavity", Stage.BodyColour, Tool.Round5, 1, 12);

    public override string Id => "noseCavity";

    public override string Label => "Nose cavity";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<Zone> HangsOn => [Zone.Nose];

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(DarkCoat, -7, 4)];

    public override bool NeedsOwnGround => true;

    public override bool Sided => false;

    public override bool UsuallyReserved => true;

    public override IReadOnlyList<ParameterSpec> Parameters { get; } = [Form, Height, Width, Bridge, Ragged, Edge];

    public override IReadOnlyList<CoatRole> Roles { get; } = [DarkCoat];

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var body = context.Body;
        var two = context.Word(Form) == Drops;
        var foot = context.At(Landmark.Subnasale) + new ChartPoint(0, 1);
        // Round the tip of the nose: the height is walked on the skin from the nostril base upwards.
        var top = body.Go(foot, Math.PI / 2, context.Uneven(context.Number(Height)));
        var half = Half(body, context.Number(Width), foot, top, context.Number(Bridge), two);
        var ragged = context.Number(Ragged);
        var edge = context.Number(Edge);
        // The two wings need not match when the hand is uneven.
        var wings = new[] { (Side.Left, 1.0), (Side.Right, -1.0) }.Select(w => (
            w.Item1,
            Outline: Curves.Polygon(Curves.Ragged(
                [.. half.Select(p => new ChartPoint(w.Item2 * (two ? p.XMm : Math.Max(p.XMm, -0.5)), foot.YMm + (p.YMm - foot.YMm) * (1 + 0.02 * (context.Uneven(1) - 1))))],
                ragged, context.Design)))).ToArray();
        RegionMark[] marks = two
            ? [.. wings.Select(w => new RegionMark(DarkCoat.Id, w.Item1, w.Outline, edge))]
            : [new RegionMark(DarkCoat.Id, Side.Middle, wings[0].Outline.Union(wings[1].Outline).Buffer(0.6).Buffer(-0.6), edge)];
        var areaMm2 = marks.Sum(m => body.Chart.AreaMm2(m.Outline));
        return (
            marks,
            [
                new("Height", body.LineMm([foot, top]), "mm", "from the nostril base up the bridge"),
                new("Width", 2 * body.TapeMm(new(0, half.MaxBy(p => p.XMm).YMm), half.MaxBy(p => p.XMm)), "mm"),
                new("Area", areaMm2 / 100, "cm²"),
            ]);
    }

    // Past the tip and half way up the bridge.
    private static double DefaultHeight(FittedBody body) =>
        body.LineMm([body.At(Landmark.Subnasale), body.At(Landmark.Pronasale)]) + 0.3 * body.LineMm([body.At(Landmark.Pronasale), body.At(Landmark.Sellion)]);

    // One wing: widest low down, thin at the top; a notch or a strip of bone towards the middle.
    private static List<ChartPoint> Half(FittedBody body, double widthMm, ChartPoint foot, ChartPoint top, double bridgeMm, bool two)
    {
        var rise = top.YMm - foot.YMm;
        var wide = body.Go(new(0, foot.YMm + 0.25 * rise), 0, widthMm / 2).XMm;
        var inner = two ? bridgeMm / 2 : -0.5;
        ChartPoint At(double across, double up) => new(inner + across * (wide - inner), foot.YMm + up * rise);
        var notch = two ? 0 : Math.Min(0.3, bridgeMm / Math.Max(rise, 1));
        return Curves.Through(
            two
                ? [At(0.12, 1), At(0, 0.55), At(0.02, 0.15), At(0.3, 0), At(0.75, 0.02), At(1, 0.2), At(0.72, 0.5), At(0.3, 0.85)]
                : [At(0, 1), At(0, 0.5), At(0, notch), At(0.3, 0), At(0.72, 0), At(1, 0.2), At(0.66, 0.52), At(0.2, 0.88)],
            closed: true);
    }
}
