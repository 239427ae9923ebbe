namespace Datura.Core.Shapes.Kinds;

/// <summary>A light where bone comes forward, without a shape of its own (common practice): soft at all its edges.</summary>
public sealed class FreeLight() : DrawnKind("light", "Light", Family.Bone, [Zone.Cheekbone, Zone.Nose, Zone.Forehead, Zone.Chin, Zone.Collar, Zone.Orbit, Zone.UpperLip, Zone.Jaw],
    [LightCoat], [At, Length, Width])
{
    private const string Cheekbone = "cheekbone", Ridge = "nose ridge", Forehead = "forehead", Chin = "chin", Collar = "collar bone", UnderBrow = "under the brow", UnderNose = "under the nose", Jaw = "jaw";

    private static readonly ChoiceSpec At = ParameterSpec.Choice("at", "Lies on", "The place it lifts.", 0, Cheekbone, Ridge, Forehead, Chin, Collar, UnderBrow, UnderNose, Jaw);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Along the bone.", 4, 120, Of(0.26, "faceWidth"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Across it, soft edges and all.", 2, 30, 9);
    private static readonly CoatRole LightCoat = new("light", "Light", Stage.Highlight, Tool.Filbert, 1, 92);

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [At.Id] = zone switch { Zone.Nose => Ridge, Zone.Forehead => Forehead, Zone.Chin => Chin, Zone.Collar => Collar, Zone.Orbit => UnderBrow, Zone.UpperLip => UnderNose, Zone.Jaw => Jaw, _ => Cheekbone },
    };

    protected override bool IsOnceInTheMiddle(Part part) => part.Words.TryGetValue(At.Id, out var at) && at is Ridge or Forehead or Chin or UnderNose;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        ChartPoint L(Landmark landmark, double outMm, double upMm) => context.At(landmark) + new ChartPoint(outMm, upMm);
        ChartPoint[] way = context.Word(At) switch
        {
            Ridge => [L(Landmark.Sellion, 0, 2), L(Landmark.Pronasale, 0, 14), L(Landmark.Pronasale, 0, 3)],
            Forehead => [new(-30, 0.5 * context.At(Landmark.Trichion).YMm + 8), new(0, 0.5 * context.At(Landmark.Trichion).YMm + 12), new(30, 0.5 * context.At(Landmark.Trichion).YMm + 8)],
            Chin => [L(Landmark.Gnathion, -9, 13), L(Landmark.Gnathion, 0, 11), L(Landmark.Gnathion, 9, 13)],
            Collar => [L(Landmark.ClavicleInner, 2, 1), L(Landmark.ClavicleInner, 40, -3), L(Landmark.ClavicleInner, 86, 0)],
            UnderBrow => [L(Landmark.BrowPeak, -8, -7), L(Landmark.BrowPeak, 4, -6), L(Landmark.BrowOuter, 2, -4)],
            UnderNose => [L(Landmark.Subnasale, 0, -2), L(Landmark.LabialeSuperius, 0, 4), L(Landmark.LabialeSuperius, 0, 1)],
            Jaw => [L(Landmark.Gonion, -4, 12), L(Landmark.Gonion, -26, -2), L(Landmark.Gnathion, 30, 8)],
            _ => [L(Landmark.Cheekbone, -2, 5), L(Landmark.Cheekbone, 24, 9), L(Landmark.Zygion, -22, 6)],
        };
        var line = Curves.Through(way, closed: false);
        var (length, width) = (context.Uneven(context.Number(Length)), context.Number(Width));
        // From the middle of the place out to both ends, as far as it is to be.
        var share = Math.Min(1, length / Math.Max(1, context.Body.LineMm(line)));
        List<ChartPoint> piece = [.. Enumerable.Range(0, 15).Select(k => Curves.At(line, 0.5 + share * (k / 14.0 - 0.5)))];
        pen.Say("Length", context.Body.LineMm(piece), "mm", $"on the {context.Word(At)}");
        pen.Fill(LightCoat, Curves.Band(piece, t => Math.Max(0.4, width / 5 * Math.Sin(Math.PI * (0.1 + 0.8 * t)))), 0.85 * width);
    }
}
