namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// An eight-legged creature on the cheek, placed by multiples of its own body (common practice): the first foot lies one
/// whole body height above the body and 1 cm aside, the second level with it, one abdomen width to the other side. Legs
/// leave the head section, never the abdomen; each has a long first section and tapers.
/// </summary>
public sealed class EightLegs() : DrawnKind("eightLegs", "Eight-legged creature", Family.Attached, [Zone.Cheekbone, Zone.CheekHollow, Zone.Temple, Zone.Forehead],
    [ShadowCoat, BodyCoat, LineCoat, LightCoat], [On, Body, Turn, Shadow])
{
    private static readonly ChoiceSpec On = ParameterSpec.Choice("on", "Sits on", "The place of the body.", 0, "cheekbone", "cheek", "temple");
    private static readonly NumberSpec Body = ParameterSpec.Length("body", "Body height", "Head and abdomen together.", 8, 45, Of(0.11, "faceHeight"));
    private static readonly NumberSpec Turn = ParameterSpec.Angle("turn", "Turn", "Which way the head looks; 0 is up.", -180, 180, 20);
    private static readonly NumberSpec Shadow = ParameterSpec.Length("shadow", "Shadow", "How far it falls, away from a light above.", 0, 8, 3, 0.5);
    private static readonly CoatRole ShadowCoat = new("shadow", "Drop shadow", Stage.Depth, Tool.Filbert, 1, 29);
    private static readonly CoatRole BodyCoat = new("body", "Body", Stage.BodyColour, Tool.Round5, 1, 12);
    private static readonly CoatRole LineCoat = Line("Legs", Tool.Round3);
    private static readonly CoatRole LightCoat = new("light", "Light", Stage.Highlight, Tool.Round1, 1, 95, Optional: true);

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
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(Math.PI / 2 - context.Number(Turn) * Math.PI / 180));
        var body = context.Uneven(context.Number(Body));
        var abdomen = (Length: 0.62 * body, Width: 0.46 * body);
        var head = (Length: 0.38 * body, Width: 0.3 * body);
        var fall = new ChartPoint(0.4 * context.Number(Shadow), -context.Number(Shadow));
        var legs = Feet(body, abdomen.Width).Select(f => Leg(frame, head.Length, f.Along, f.Left)).ToArray();
        foreach (var leg in legs)
        {
            // A leg's shadow starts at its foot and parts from the leg towards the body.
            pen.Stroke(ShadowCoat, [.. leg.Select((p, k) => p + (1 - (double)k / (leg.Count - 1)) * fall)], t => 0.09 * body * (1 - 0.5 * t));
            pen.Stroke(LineCoat, leg, t => 0.085 * body * (1 - 0.75 * t));
        }

        var belly = frame.Ellipse(abdomen.Length, abdomen.Width, -0.5 * abdomen.Length + 0.1 * body);
        var front = frame.Ellipse(head.Length, head.Width, 0.1 * body + 0.5 * head.Length);
        pen.Fill(ShadowCoat, [.. belly.Select(p => p + fall)], 2.5);
        pen.Fill(BodyCoat, Curves.Polygon(belly).Union(Curves.Polygon(front)), 0.6);
        pen.Stroke(LightCoat, frame.Curve((-0.05 * body, 0.1 * body), (-0.22 * body, 0.14 * body), (-0.38 * body, 0.1 * body)), Profile.Swelling(0.06 * body));
        pen.Say("Body height", body, "mm");
        pen.Say("Leg span", 2 * (0.5 * body + Math.Max(body, 10) + 0.3 * body), "mm", "check that it fits the field");
    }

    // Feet from front to back, in frame mm, left and right of the body.
    private static IEnumerable<(double Along, double Left)> Feet(double body, double abdomenWidth)
    {
        const double oneCm = 10;
        yield return (0.48 * body + body, oneCm);
        yield return (0.48 * body + body, oneCm - 2 * abdomenWidth - oneCm);
        foreach (var side in new[] { 1, -1 })
        {
            yield return (0.62 * body, side * (abdomenWidth + 0.75 * body));
            yield return (-0.5 * body, side * (abdomenWidth + 0.7 * body));
            yield return (-1.25 * body, side * (0.7 * abdomenWidth + 0.2 * body));
        }
    }

    // Three sections: a long first one out from the head, a knee, and a thin foot.
    private static List<ChartPoint> Leg(SkinFrame frame, double headLength, double along, double left)
    {
        var side = Math.Sign(left) is 0 ? 1 : Math.Sign(left);
        var root = (Along: 0.5 * headLength + 0.02 * along, Left: side * 0.35 * headLength);
        var knee = (Along: root.Along + 0.55 * (along - root.Along) + 0.12 * Math.Abs(left), Left: root.Left + 0.68 * (left - root.Left) + side * 0.08 * Math.Abs(along));
        return frame.Path(root, (0.5 * (root.Along + knee.Along) + 0.02 * Math.Abs(left), 0.5 * (root.Left + knee.Left)), knee,
            (0.55 * along + 0.45 * knee.Along, 0.62 * left + 0.38 * knee.Left), (along, left));
    }
}
