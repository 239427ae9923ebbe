namespace Datura.Core.Shapes.Kinds;

/// <summary>Lines that pull a face out of shape: from lid to lip, from the brow upwards, brackets round the mouth (common practice).</summary>
public sealed class PullLines() : DrawnKind("pullLines", "Pulled lines", Family.Flesh, [Zone.Cheekbone, Zone.Forehead, Zone.CheekHollow, Zone.Orbit, Zone.Chin],
    [ShadeCoat, LineCoat, LightCoat], [Run, Count, Length, Width])
{
    private const string LidToLip = "from lid to lip", BrowUp = "up from the brow", Brackets = "brackets at the mouth";

    private static readonly ChoiceSpec Run = ParameterSpec.Choice("run", "Run", "Their way.", 0, LidToLip, BrowUp, Brackets);
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Lines a side", "Beside each other.", 1, 6, 3);
    private static readonly NumberSpec Length = ParameterSpec.Ratio("length", "Length", "Share of the whole way.", 0.25, 1, 0.85);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At its thickest.", 0.6, 5, 2, 0.2);
    private static readonly CoatRole ShadeCoat = new("shade", "Soft shade", Stage.Depth, Tool.Filbert, 1, 35, Optional: true);
    private static readonly CoatRole LineCoat = Line("Lines");
    private static readonly CoatRole LightCoat = new("light", "Lights", Stage.Highlight, Tool.Round2, 1, 90, Optional: true);

    public override bool IsFold => true;

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [Run.Id] = zone switch { Zone.Forehead or Zone.Orbit => BrowUp, Zone.Chin => Brackets, _ => LidToLip },
    };

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (count, width) = (context.Count(Count), context.Number(Width));
        for (var k = 0; k < count; k++)
        {
            var t = count == 1 ? 0.5 : (double)k / (count - 1);
            var whole = Curves.Through(Way(context, t), closed: false);
            var share = Math.Clamp(context.Uneven(context.Number(Length)) * (0.86 + 0.14 * context.Design.Unit()), 0.2, 1);
            List<ChartPoint> line = [.. Enumerable.Range(0, 19).Select(n => Curves.At(whole, share * n / 18))];
            pen.Stroke(ShadeCoat, line, Profile.Swelling(2.6 * width));
            pen.Stroke(LineCoat, line, Profile.Swelling(width));
            pen.Stroke(LightCoat, [.. line.Select(p => p + new ChartPoint(1.1 * width, 0))], Profile.Swelling(0.7 * width));
        }

        pen.Say("Lines a side", count, "");
        pen.Say("Longest", context.Number(Length) * context.Body.LineMm(Curves.Through(Way(context, 0.5), closed: false)), "mm");
    }

    private static ChartPoint[] Way(PartContext context, double t)
    {
        ChartPoint L(Landmark landmark, double outMm, double upMm) => context.At(landmark) + new ChartPoint(outMm, upMm);
        return context.Word(Run) switch
        {
            BrowUp => [L(Landmark.BrowInner, -4 + 34 * t, 5 + 5 * Math.Sin(Math.PI * t)), L(Landmark.BrowInner, -5 + 42 * t, 20), L(Landmark.BrowInner, -4 + 46 * t, 42 - 10 * t)],
            Brackets => [L(Landmark.Cheilion, 3 + 6 * t, 8 + 3 * t), L(Landmark.Cheilion, 7 + 7 * t, -2), L(Landmark.Cheilion, 3 + 6 * t, -17 - 5 * t)],
            _ => [L(Landmark.PalpebraleInferius, -9 + 22 * t, -6), L(Landmark.Cheekbone, -14 + 20 * t, 4), L(Landmark.Cheilion, -2 + 12 * t, 10 + 4 * t)],
        };
    }
}
