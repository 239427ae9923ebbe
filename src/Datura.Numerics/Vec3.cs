using System.Numerics;

namespace Datura.Numerics;

/// <summary>A point or direction in millimetres: x towards the wearer's left, y up, z forward.</summary>
public readonly record struct Vec3(double X, double Y, double Z)
{
    public static Vec3 operator +(Vec3 a, Vec3 b) => new(a.X + b.X, a.Y + b.Y, a.Z + b.Z);

    public static Vec3 operator -(Vec3 a, Vec3 b) => new(a.X - b.X, a.Y - b.Y, a.Z - b.Z);

    public static Vec3 operator *(double k, Vec3 a) => new(k * a.X, k * a.Y, k * a.Z);

    public double Dot(Vec3 o) => X * o.X + Y * o.Y + Z * o.Z;

    public Vec3 Cross(Vec3 o) => new(Y * o.Z - Z * o.Y, Z * o.X - X * o.Z, X * o.Y - Y * o.X);

    public double Length => Math.Sqrt(Dot(this));

    public Vec3 Unit() => Length is var l && l > 0 ? (1 / l) * this : this;

    public double DistanceTo(Vec3 o) => (this - o).Length;

    /// <summary>In single precision, for grids of many cells.</summary>
    public Vector3 Single() => new((float)X, (float)Y, (float)Z);
}
