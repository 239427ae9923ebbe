namespace Datura.Core.Body;

/// <summary>How much farther a landmark lies from a mid-line landmark on the left than on the right.</summary>
public sealed record ReachDifference(Landmark From, Landmark Landmark) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [Named(From), Named(Landmark.Left), Named(Landmark.Right)];

    public override double Value(IReadOnlyList<Vec3> at) => at[1].DistanceTo(at[0]) - at[2].DistanceTo(at[0]);
}
