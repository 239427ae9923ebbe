namespace Datura.Core.Shapes.Kinds;

/// <summary>The dark of an eye socket, hung on the orbit: over, through or under the brow, down towards the cheekbone.</summary>
public sealed class Socket : PartKind
{
    private static readonly NumberSpec AboveBrow = ParameterSpec.Length("aboveBrow", "Reach above the brow", "Negative stays under the brow.", -14, 25, 4);
    private static readonly NumberSpec DownCheek = ParameterSpec.Length("downCheek", "Down the cheek", "From the edge of the lower lid.", 3, 40, b => 0.13 * b.MeasuresMm["lowerFaceHeight"]);
    private static readonly NumberSpec Outward = ParameterSpec.Length("outward", "Past the outer corner", "From the outer corner of the eye.", -4, 25, b => 0.09 * b.MeasuresMm["outerEyeDistance"]);
    private static readonly NumberSpec Inward = ParameterSpec.Length("inward", "Towards the nose", "From the inner corner of the eye.", -4, 12, 4);
    private static readonly NumberSpec Droop = ParameterSpec.Angle("droop", "Droop outwards", "Turns the outer end down.", -25, 30, 7);
    private static readonly NumberSpec Roundness = ParameterSpec.Ratio("roundness", "Roundness", "0 is boxy, 1 is round.", 0, 1, 0.8);
    private static readonly NumberSpec Ragged = ParameterSpec.Length("ragged", "Ragged edge", "How far the outline wanders.", 0, 5, 1.5, 0.5);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which the dark thins out.", 0.5, 16, 4, 0.5);
    private static readonly NumberSpec Heart = ParameterSpec.Ratio("heart", "Dark heart", "Size of the deepest part within the socket.", 0.2, 0.95, 0.62);
    private static readonly CoatRole DarkCoat = new("dark", "Socket", Stage.BodyColour, Tool.HalfRoundSponge, 1, 22);
    private static readonly CoatRole HeartCoat = new("heart", "Dark heart", Stage.BodyColour, Tool.Filbert, 1, 12, Optional: true);
    private static readonly CoatRole CrescentCoat = new("crescent", "Bone above", Stage.Highlight, Tool.Filbert, 1, 88, Optional: true);

    // The crescent of bone over a socket, mm (common practice: 3 to 5).
    private const double CrescentMm = 4;

    // The edge goes in and out six to nine times round (common practice).
    private const int TeethRound = 2 * 8;

    // The heart lies up and towards the nose by a share of what is left round it (common practice).
    private const double HeartIn = 0.12;
    private const double HeartUp = 0.1;

    public override string Id => "socket";

    public override string Label => "Socket";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<Zone> HangsOn => [Zone.Orbit, Zone.Lid];

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(DarkCoat, -5, 7), new(HeartCoat, -4, 6)];

    public override bool NeedsOwnGround => true;

    public override bool UsuallyReserved => true;

    public override IReadOnlyList<ParameterSpec> Parameters { get; } = [AboveBrow, DownCheek, Outward, Inward, Droop, Roundness, Ragged, Edge, Heart];

    public override IReadOnlyList<CoatRole> Roles { get; } = [DarkCoat, HeartCoat, CrescentCoat];

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var body = context.Body;
        var above = context.Number(AboveBrow);
        var centre = 0.5 * (context.At(Landmark.Exocanthion) + context.At(Landmark.Endocanthion));
        var top = body.Go(context.At(Landmark.BrowPeak), Math.PI / 2, context.Uneven(above + 20) - 20);
        var bottom = body.Go(context.At(Landmark.PalpebraleInferius), -Math.PI / 2, context.Uneven(context.Number(DownCheek)));
        var outer = body.Go(context.At(Landmark.Exocanthion), 0, context.Uneven(context.Number(Outward) + 15) - 15);
        var inner = body.Go(context.At(Landmark.Endocanthion), Math.PI, context.Number(Inward));
        var droop = context.UnevenAngle(-context.Number(Droop) * Math.PI / 180);
        var reach = new Reach(top.YMm - centre.YMm, centre.YMm - bottom.YMm, outer.XMm - centre.XMm, centre.XMm - inner.XMm);
        var smooth = Outline(centre, reach, context.Number(Roundness), droop);
        var left = 1 - context.Number(Heart);
        var heartAt = centre + left * new ChartPoint(-HeartIn * (reach.Out + reach.In), HeartUp * (reach.Up + reach.Down));
        var outline = Curves.Polygon(Curves.Ragged(smooth, context.Number(Ragged), context.Design, TeethRound));
        var heart = Curves.Polygon(smooth.Select(p => heartAt + context.Number(Heart) * (p - centre)));
        var edge = context.Number(Edge);
        // Over the upper half, off the edge by half its own width.
        var over = Curves.Band([.. smooth.Skip(smooth.Count / 12).Take(smooth.Count / 3).Select(p => p + 0.8 * CrescentMm / Math.Max(1, (p - centre).Length()) * (p - centre))], t => CrescentMm / 2 * Math.Sin(Math.PI * (0.08 + 0.84 * t)));

        var widthMm = body.TapeMm(smooth[0], smooth[smooth.Count / 2]);
        var heightMm = body.TapeMm(smooth[smooth.Count / 4], smooth[3 * smooth.Count / 4]);
        return (
            [new RegionMark(DarkCoat.Id, context.Side, outline, edge), new RegionMark(HeartCoat.Id, context.Side, heart, edge * 1.5), new RegionMark(CrescentCoat.Id, context.Side, over, 2.5)],
            [
                new("Width", widthMm, "mm"),
                new("Height", heightMm, "mm", Judged(above)),
                new("Area a side", body.Chart.AreaMm2(outline) / 100, "cm²"),
            ]);
    }

    private static string Judged(double aboveMm) => aboveMm switch
    {
        > 1 => FormattableString.Invariant($"reaches {aboveMm:0.#} mm above the brow"),
        < -1 => FormattableString.Invariant($"stays {-aboveMm:0.#} mm under the brow"),
        _ => "cuts through the brow",
    };

    // No oval: widest in the outer third, a notch at the inner upper corner, the lower edge fuller outside (common practice).
    private static (double X, double Y) AlongTheOrbit(double across, double x, double y, bool isUpper)
    {
        var inner = Math.Exp(-Math.Pow((across + 0.72) / 0.3, 2));
        return (x, isUpper ? y * (1 - 0.34 * inner) : y * (0.94 + 0.14 * across));
    }

    private sealed record Reach(double Up, double Down, double Out, double In);

    // A superellipse with its own reach in each quarter; it starts at the outer corner and runs up and inwards.
    private static List<ChartPoint> Outline(ChartPoint centre, Reach reach, double roundness, double turnRad)
    {
        const int pieces = 96;
        var power = 2 / (2 + 3 * (1 - roundness));
        var (sinTurn, cosTurn) = Math.SinCos(turnRad);
        var result = new List<ChartPoint>(pieces);
        for (var k = 0; k < pieces; k++)
        {
            var (sin, cos) = Math.SinCos(2 * Math.PI * k / pieces);
            var x = Math.Sign(cos) * Math.Pow(Math.Abs(cos), power) * (cos >= 0 ? reach.Out : reach.In);
            var y = Math.Sign(sin) * Math.Pow(Math.Abs(sin), power) * (sin >= 0 ? reach.Up : reach.Down);
            (x, y) = AlongTheOrbit(x / (x >= 0 ? reach.Out : reach.In), x, y, y >= 0);
            result.Add(centre + new ChartPoint(x * cosTurn - y * sinTurn, x * sinTurn + y * cosTurn));
        }

        return result;
    }
}
