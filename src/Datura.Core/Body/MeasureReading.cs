namespace Datura.Core.Body;

/// <summary>How a measure is read off a skin: the places that matter and what is made of them.</summary>
public abstract record MeasureReading
{
    /// <summary>Places on the reference skin that the measure needs.</summary>
    public abstract IReadOnlyList<SkinPoint> Places();

    /// <summary>Value in mm once the places are known in space.</summary>
    public abstract double Value(IReadOnlyList<Vec3> at);

    /// <summary>Value on a skin, mm.</summary>
    public virtual double On(SkinGrid skin) => Value([.. Places().Select(skin.Position)]);

    private protected static SkinPoint Named(Landmark landmark) => Landmarks.At(landmark);
}

/// <summary>Straight from landmark to landmark, as a caliper gives it.</summary>
public sealed record StraightReading(Landmark From, Landmark To) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [Named(From), Named(To)];

    public override double Value(IReadOnlyList<Vec3> at) => at[0].DistanceTo(at[1]);
}

/// <summary>How much higher one landmark stands than another, whatever lies between them sideways: between two level edges.</summary>
public sealed record UprightReading(Landmark Upper, Landmark Lower) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [Named(Upper), Named(Lower)];

    public override double Value(IReadOnlyList<Vec3> at) => at[0].Y - at[1].Y;
}

/// <summary>A tape closed round the body along one height.</summary>
public sealed record GirthReading(double HeightMm) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [.. Enumerable.Range(0, ReferenceSkin.Columns)
        .Select(i => new SkinPoint(ReferenceSkin.Skin.Azimuth(i), HeightMm))];

    public override double Value(IReadOnlyList<Vec3> at) =>
        Enumerable.Range(0, at.Count).Sum(k => at[k].DistanceTo(at[(k + 1) % at.Count]));
}

/// <summary>A tape laid on the skin from one landmark over a second to a third.</summary>
public sealed record ArcReading(Landmark From, Landmark Over, Landmark To) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => Path(ReferenceSkin.Skin);

    public override double Value(IReadOnlyList<Vec3> at) => Enumerable.Range(1, at.Count - 1).Sum(k => at[k].DistanceTo(at[k - 1]));

    public override double On(SkinGrid skin) => Value([.. Path(skin).Select(skin.Position)]);

    private SkinPoint[] Path(SkinGrid skin) =>
        [.. Tape.Laid(skin, Named(From), Named(Over)).Path, .. Tape.Laid(skin, Named(Over), Named(To)).Path.Skip(1)];
}

/// <summary>How much higher a landmark stands on the left than on the right (negative: lower).</summary>
public sealed record HeightDifference(Landmark Landmark) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [Named(Landmark.Left), Named(Landmark.Right)];

    public override double Value(IReadOnlyList<Vec3> at) => at[0].Y - at[1].Y;
}

/// <summary>How much farther a landmark lies from a mid-line landmark on the left than on the right.</summary>
public sealed record ReachDifference(Landmark From, Landmark Landmark) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [Named(From), Named(Landmark.Left), Named(Landmark.Right)];

    public override double Value(IReadOnlyList<Vec3> at) => at[1].DistanceTo(at[0]) - at[2].DistanceTo(at[0]);
}
