namespace Datura.Core.Body;

/// <summary>How much higher a landmark stands on the left than on the right (negative: lower).</summary>
public sealed record HeightDifference(Landmark Landmark) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [Named(Landmark.Left), Named(Landmark.Right)];

    public override double Value(IReadOnlyList<Vec3> at) => at[0].Y - at[1].Y;
}
