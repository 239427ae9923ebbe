namespace Datura.Core.Body;

/// <summary>How much higher one landmark stands than another, whatever lies between them sideways: between two level edges.</summary>
public sealed record UprightReading(Landmark Upper, Landmark Lower) : MeasureReading
{
    public override IReadOnlyList<SkinPoint> Places() => [Named(Upper), Named(Lower)];

    public override double Value(IReadOnlyList<Vec3> at) => at[0].Y - at[1].Y;
}
