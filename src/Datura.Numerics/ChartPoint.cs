namespace Datura.Numerics;

/// <summary>A place on the flat drawing of the skin, mm: x towards the wearer's left, y up, origin at the nose root.</summary>
public readonly record struct ChartPoint(double XMm, double YMm)
{
    public static ChartPoint operator +(ChartPoint a, ChartPoint b) => new(a.XMm + b.XMm, a.YMm + b.YMm);

    public static ChartPoint operator -(ChartPoint a, ChartPoint b) => new(a.XMm - b.XMm, a.YMm - b.YMm);

    public static ChartPoint operator *(double k, ChartPoint a) => new(k * a.XMm, k * a.YMm);

    public double Length() => Math.Sqrt(XMm * XMm + YMm * YMm);

    /// <summary>Its direction from the origin, −π to π; up is π/2.</summary>
    public double Angle() => Math.Atan2(YMm, XMm);

    public ChartPoint Mirrored() => new(-XMm, YMm);
}
