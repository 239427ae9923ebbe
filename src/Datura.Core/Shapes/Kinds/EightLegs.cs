namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// An eight-legged creature on the cheek, set out by multiples of its own body (the foot rule, common practice): eight feet as dots
/// first, then three sections a leg, swelling at the joints; legs leave the front, never the abdomen, and the two rear ones share
/// their first section.
/// </summary>
public sealed class EightLegs() : DrawnKind("eightLegs", "Eight-legged creature", Family.Attached, [Zone.Cheekbone, Zone.CheekHollow, Zone.Temple, Zone.Forehead],
    [ShadowCoat, BodyCoat, MarkCoat, LineCoat, LegShadowCoat, LightCoat], [On, Body, Turn, Shadow])
{
    /// <summary>A creature of the size one meets, its legs included, mm (common practice).</summary>
    private const double LifeMm = 40;

    private static readonly ChoiceSpec On = ParameterSpec.Choice("on", "Sits on", "The place of the body.", 0, "cheekbone", "cheek", "temple");
    private static readonly NumberSpec Body = ParameterSpec.Length("body", "Body height", "Head and abdomen together.", 8, 60, Of(0.11, "faceHeight"));
    private static readonly NumberSpec Turn = ParameterSpec.Angle("turn", "Turn", "Which way the head looks; 0 is up.", -180, 180, 20);
    private static readonly NumberSpec Shadow = ParameterSpec.Length("shadow", "Shadow", "How far it falls, away from a light above.", 0, 8, 3, 0.5);
    private static readonly CoatRole ShadowCoat = new("shadow", "Shadow of the body", Stage.Depth, Tool.Filbert, 1, 29);
    private static readonly CoatRole BodyCoat = new("body", "Body", Stage.BodyColour, Tool.Round5, 1, 12);
    private static readonly CoatRole MarkCoat = new("mark", "Marks and band", Stage.Highlight, Tool.Round1, 1, 45, Optional: true);
    private static readonly CoatRole LineCoat = Line("Legs", Tool.Round3);
    private static readonly CoatRole LegShadowCoat = new("legShadow", "Shadows of the legs", Stage.Highlight, Tool.Filbert, 1, 29, Optional: true);
    private static readonly CoatRole LightCoat = new("light", "Lights", Stage.Highlight, Tool.Round1, 1, 95, Optional: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(BodyCoat, 5, 2.5), new(LineCoat, 1.5, 0)];

    public override bool ThrowsShadow => true;

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word(On) switch
        {
            "cheek" => context.Body.Go(context.At(Landmark.Cheilion), 0.8, 26),
            "temple" => context.Body.Go(context.At(Landmark.Exocanthion), 0.7, 26),
            _ => context.At(Landmark.Cheekbone) + new ChartPoint(2, -6),
        };
        var whole = context.Uneven(context.Number(Body));
        var size = new FootRule(whole);
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(Math.PI / 2 - context.Number(Turn) * Math.PI / 180));
        var fall = new ChartPoint(0.4 * context.Number(Shadow), -context.Number(Shadow));
        var feet = size.Feet;
        for (var k = 0; k < feet.Count; k++)
        {
            var leg = Leg(frame, size, k);
            // A leg's shadow starts at its foot and parts from the leg towards the body.
            pen.Stroke(LegShadowCoat, [.. leg.Path.Select((p, n) => p + (1 - (double)n / (leg.Path.Count - 1)) * fall)], t => 0.09 * whole * (1 - 0.5 * t));
            pen.Stroke(LineCoat, leg.Path, Width(whole, leg.Joints));
            foreach (var joint in leg.Joints.Take(1))
            {
                pen.Dot(LightCoat, Curves.At(leg.Path, joint), 0.035 * whole);
            }
        }

        var belly = frame.Ellipse(size.AbdomenHeight, size.AbdomenWidth, size.Middle(size.AbdomenHeight / 2));
        var front = frame.Ellipse(size.FrontHeight, size.FrontWidth, size.Middle(size.AbdomenHeight + size.FrontHeight / 2));
        pen.Fill(ShadowCoat, [.. belly.Select(p => p + fall)], 2.5);
        pen.Fill(BodyCoat, Curves.Polygon(belly).Union(Curves.Polygon(front)), 0.6);
        var (h, w) = (size.AbdomenHeight, size.AbdomenWidth);
        double Up(double y) => size.Middle(y);
        // Two marks that mirror each other, and a band where the parts meet.
        foreach (var side in new[] { 1, -1 })
        {
            pen.Fill(MarkCoat, frame.Path((Up(0.5 * h), side * 0.02 * w), (Up(0.68 * h), side * 0.2 * w), (Up(0.74 * h), side * 0.04 * w)), 0.3);
            pen.Fill(MarkCoat, frame.Path((Up(0.46 * h), side * 0.02 * w), (Up(0.28 * h), side * 0.2 * w), (Up(0.22 * h), side * 0.04 * w)), 0.3);
            pen.Dot(LightCoat, frame.At(Up(h + 0.82 * size.FrontHeight), side * 0.18 * size.FrontWidth), 0.05 * whole);
        }

        pen.Stroke(MarkCoat, frame.Curve((Up(h), -0.24 * w), (Up(0.97 * h), 0), (Up(h), 0.24 * w)), Profile.Swelling(0.05 * whole));
        pen.Stroke(LightCoat, frame.Curve((Up(0.78 * h), 0.28 * w), (Up(0.9 * h), 0.14 * w), (Up(0.92 * h), -0.04 * w)), Profile.Swelling(0.07 * whole));
        pen.Say("Body height", whole, "mm");
        pen.Say("Front foot to rear foot", feet[0].Up - feet[^1].Up, "mm", FormattableString.Invariant($"{(feet[0].Up - feet[^1].Up) / LifeMm:0.0} × life"));
    }

    // Thickest at the body, a bead at each joint, a thread at the foot.
    private static Func<double, double> Width(double whole, double[] joints) =>
        t => 0.085 * whole * (1 - 0.78 * t) * (1 + joints.Select((j, n) => (0.55 - 0.2 * n) * Math.Exp(-Math.Pow((t - j) / 0.06, 2))).Sum());

    // Three sections from the front's side: a long first one outwards, a knee, a thin foot that curves in.
    private static (List<ChartPoint> Path, double[] Joints) Leg(SkinFrame frame, FootRule size, int foot)
    {
        var (side, up) = size.Feet[foot];
        var outwards = Math.Sign(side);
        // The last two share their first section.
        var row = Math.Min(FootRule.RowOf(foot), 2);
        var root = (Side: outwards * 0.4 * size.FrontWidth, Up: size.AbdomenHeight + (0.75 - 0.25 * row) * size.FrontHeight);
        var towards = foot >= 6 ? size.Feet[6] : (Side: side, Up: up);
        var reach = Math.Sqrt(Math.Pow(towards.Side - root.Side, 2) + Math.Pow(towards.Up - root.Up, 2));
        var bow = Math.Max(0.24 * reach, 0.34 * size.Whole);
        var knee = (Side: root.Side + 0.45 * (towards.Side - root.Side) + outwards * bow, Up: root.Up + 0.5 * (towards.Up - root.Up));
        var ankle = (Side: knee.Side + 0.62 * (side - knee.Side) + outwards * 0.1 * size.Whole, Up: knee.Up + 0.62 * (up - knee.Up));
        ChartPoint At((double Side, double Up) p) => frame.At(size.Middle(p.Up), p.Side);
        List<ChartPoint> path = [.. Curves.Every(0.7, [At(root), At(knee)]), .. Curves.Every(0.7, [At(knee), At(ankle)]).Skip(1)];
        var (first, second) = ((At(knee) - At(root)).Length(), (At(ankle) - At(knee)).Length());
        path.AddRange(Curves.Through([At(ankle), 0.5 * (At(ankle) + At((side, up))) + 0.04 * size.Whole * new ChartPoint(outwards, 0), At((side, up))], closed: false).Skip(1));
        var whole = Curves.Length(path);
        return (path, [first / whole, (first + second) / whole]);
    }
}
