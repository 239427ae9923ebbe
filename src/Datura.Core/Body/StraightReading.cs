namespace Datura.Core.Body;

/// <summary>Straight from landmark to landmark, as a caliper gives it.</summary>
public sealed record StraightReading(Landmark From, Landmark To) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [Named(From), Named(To)];

    public override double Value(IReadOnlyList<Vec3> at) => at[0].DistanceTo(at[1]);
}
