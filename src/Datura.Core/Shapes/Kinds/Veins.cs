namespace Datura.Core.Shapes.Kinds;

/// <summary>Veins that wander and fork as vessels do, never along a crease, each with a soft cast beside it.</summary>
public sealed class Veins() : DrawnKind("veins", "Veins", Family.Flesh, [Zone.Temple, Zone.Forehead, Zone.NeckSide, Zone.NeckFront, Zone.Chest, Zone.Cheekbone],
    [CastCoat, LineCoat], [From, Count, Length, Branches, Width])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Springs from", "The place the veins come from.", 0, "temple", "throat", "brow", "collar bone", "under the eye");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Veins", "Main ones.", 1, 6, 2);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 15, 150, Of(0.42, "faceHeight"));
    private static readonly CountSpec Branches = ParameterSpec.Count("branches", "Forks", "One after the other on each.", 0, 5, 3);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the root", "Thins at every fork.", 0.5, 4, 2.2, 0.1);
    private static readonly CoatRole CastCoat = new("cast", "Cast beside them", Stage.Depth, Tool.Filbert, 1, 45, Optional: true);
    private static readonly CoatRole LineCoat = Line("Veins", Tool.Round1, goesRound: true);

    // Thinner than this no brush draws it, mm (common practice).
    private const double HairMm = 0.3;

    // The thinner arm to the thicker one (by judgement).
    private const double LeastShare = 0.6;

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [From.Id] = zone switch { Zone.NeckSide or Zone.NeckFront => "throat", Zone.Chest => "collar bone", Zone.Cheekbone => "under the eye", _ => "temple" },
    };

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, heading) = context.Word(From) switch
        {
            "throat" => (context.At(Landmark.ClavicleInner) + new ChartPoint(22, 4), 1.25),
            "brow" => (context.At(Landmark.BrowPeak) + new ChartPoint(4, 6), 1.35),
            "collar bone" => (context.At(Landmark.ClavicleInner) + new ChartPoint(26, -4), -0.9),
            "under the eye" => (context.At(Landmark.PalpebraleInferius) + new ChartPoint(-6, -8), -0.75),
            _ => (context.At(Landmark.Exocanthion) + new ChartPoint(25, -4), 1.95),
        };
        var (count, forks) = (context.Count(Count), context.Count(Branches));
        for (var k = 0; k < count; k++)
        {
            var spread = count == 1 ? 0 : 1.1 * ((double)k / (count - 1) - 0.5);
            var length = context.Uneven(context.Number(Length)) * (k == 0 ? 1 : 0.7 + 0.2 * context.Design.Unit());
            Grow(context, pen, root, context.UnevenAngle(heading + spread), length, context.Number(Width), forks, k % 2 == 0 ? 1 : -1);
        }

        pen.Say("Longest", context.Number(Length), "mm", $"from the {context.Word(From)}");
    }

    // One piece up to its fork, then its two arms.
    private static void Grow(PartContext context, MarkPen pen, ChartPoint start, double heading, double lengthMm, double widthMm, int forks, int side)
    {
        var last = forks == 0;
        var own = last ? lengthMm : lengthMm / (forks + 1.0);
        var path = Wander(context, start, heading, own);
        pen.Stroke(CastCoat, path, t => 3 * widthMm + 1 - (last ? 2 * widthMm * t : 0));
        // At its end it runs out to a hair; between forks it keeps its width.
        pen.Stroke(LineCoat, path, last ? t => HairMm + (widthMm - HairMm) * Math.Pow(1 - t, 0.7) : Profile.Even(widthMm));
        if (last)
        {
            return;
        }

        var share = LeastShare + (1 - LeastShare) * context.Design.Unit();
        var (thickMm, thinMm) = MurrayFork.Widths(widthMm, share);
        var (thickRad, thinRad) = MurrayFork.Angles(share);
        var way = (path[^1] - path[Math.Max(0, path.Count - 6)]).Angle();
        var on = 0.5 * way + 0.5 * heading;
        Grow(context, pen, path[^1], on - side * 0.7 * thickRad, lengthMm - own, thickMm, forks - 1, -side);
        if (thinMm > HairMm)
        {
            Grow(context, pen, path[^1], on + side * thinRad, 0.55 * (lengthMm - own), thinMm, Math.Min(1, forks - 1), side);
        }
    }

    private static List<ChartPoint> Wander(PartContext context, ChartPoint start, double heading, double length)
    {
        var knots = new List<ChartPoint> { start };
        var pieces = Math.Max(2, (int)(length / 7));
        for (var k = 0; k < pieces; k++)
        {
            knots.Add(context.Body.Go(knots[^1], AcrossCreases.Turned(context.Body, knots[^1], heading + 0.5 * context.Design.Either()), length / pieces));
        }

        return Curves.Through(knots, closed: false);
    }
}
