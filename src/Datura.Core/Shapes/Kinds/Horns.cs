namespace Datura.Core.Shapes.Kinds;

/// <summary>A horn that springs from above the brow and curves to a point, with rings.</summary>
public sealed class Horns() : DrawnKind("horns", "Horns", Family.Flesh, [Zone.Forehead],
    [HornCoat, LineCoat, LightCoat], [Length, Width, Above, Lean, Curl], reserved: true)
{
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "From root to tip.", 15, 90, Of(0.24, "faceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At the root.", 6, 34, 15);
    private static readonly NumberSpec Above = ParameterSpec.Length("above", "Above the brow", "Where the root sits.", 3, 30, 9);
    private static readonly NumberSpec Lean = ParameterSpec.Angle("lean", "Lean", "Outwards.", -20, 60, 16);
    private static readonly NumberSpec Curl = ParameterSpec.Length("curl", "Curl", "How far the tip bends in.", -20, 30, 9);
    private static readonly CoatRole HornCoat = new("horn", "Horn", Stage.BodyColour, Tool.Filbert, 1, 80);
    private static readonly CoatRole LineCoat = Line("Rings and outline", goesRound: true);
    private static readonly CoatRole LightCoat = new("light", "Light", Stage.Highlight, Tool.Round3, 1, 95, Optional: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(HornCoat, 12, 4)];

    public override bool ThrowsShadow => true;

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var root = context.Body.Go(context.At(Landmark.BrowPeak), Math.PI / 2 + 0.35, context.Number(Above));
        var frame = new SkinFrame(context.Body, root, context.UnevenAngle((90 - context.Number(Lean)) * Math.PI / 180));
        var (length, width, curl) = (context.Uneven(context.Number(Length)), context.Number(Width), context.Number(Curl));
        var spine = frame.Curve((0, 0), (0.4 * length, -0.15 * curl), (0.75 * length, 0.2 * curl), (length, curl));
        var horn = Curves.Band(spine, t => Math.Max(0.3, width / 2 * Math.Pow(1 - t, 0.75)));
        pen.Say("Length", length, "mm");
        pen.Say("Root", width, "mm", "wide");
        pen.Fill(HornCoat, horn, 1);
        var rim = horn.Coordinates.Select(c => new ChartPoint(c.X, c.Y)).ToArray();
        pen.Stroke(LineCoat, rim, Profile.Even(1.3));
        for (var k = 1; k <= 5; k++)
        {
            var at = 0.13 * k;
            var half = width / 2 * Math.Pow(1 - at, 0.75);
            var middle = Curves.At(spine, at);
            var ring = new SkinFrame(context.Body, middle, context.UnevenAngle((90 - context.Number(Lean)) * Math.PI / 180));
            pen.Stroke(LineCoat, ring.Curve((1, half), (-1.5, 0), (1, -half)), Profile.Swelling(1.2));
        }

        pen.Stroke(LightCoat, [.. spine.Take(spine.Count * 4 / 5).Select(p => p - new ChartPoint(0.15 * width, 0))], Profile.ThickToThin(0.16 * width));
    }
}
