namespace Datura.Core.Body;

/// <summary>A tape laid on the skin from one landmark over a second to a third.</summary>
public sealed record ArcReading(Landmark From, Landmark Over, Landmark To) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => Path(ReferenceSkin.Skin);

    public override double Value(IReadOnlyList<Vec3> at) => Enumerable.Range(1, at.Count - 1).Sum(k => at[k].DistanceTo(at[k - 1]));

    public override double On(SkinGrid skin) => Value([.. Path(skin).Select(skin.Position)]);

    private SkinPoint[] Path(SkinGrid skin) =>
        [.. Tape.Laid(skin, Named(From), Named(Over)).Path, .. Tape.Laid(skin, Named(Over), Named(To)).Path.Skip(1)];
}
