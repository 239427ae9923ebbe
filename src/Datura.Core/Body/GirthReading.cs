namespace Datura.Core.Body;

/// <summary>A tape closed round the body along one height.</summary>
public sealed record GirthReading(double HeightMm) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [.. Enumerable.Range(0, ReferenceSkin.Columns)
        .Select(i => new SkinPoint(ReferenceSkin.Skin.Azimuth(i), HeightMm))];

    public override double Value(IReadOnlyList<Vec3> at) =>
        Enumerable.Range(0, at.Count).Sum(k => at[k].DistanceTo(at[(k + 1) % at.Count]));
}
