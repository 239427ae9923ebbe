namespace Datura.Numerics;

/// <summary>A turn in space as its matrix; rows are the turned axes.</summary>
public readonly record struct Rotation(Vec3 X, Vec3 Y, Vec3 Z)
{
    public static readonly Rotation None = new(new(1, 0, 0), new(0, 1, 0), new(0, 0, 1));

    /// <summary>About an axis by the length of the vector, radians (Rodrigues 1840).</summary>
    public static Rotation About(Vec3 turnRad)
    {
        var angle = turnRad.Length;
        if (angle < 1e-12)
        {
            return None;
        }

        var (sin, cos) = Math.SinCos(angle);
        var k = turnRad.Unit();
        Vec3 Row(Vec3 e) => cos * e + (1 - cos) * e.Dot(k) * k + sin * e.Cross(k);
        return new(Row(new(1, 0, 0)), Row(new(0, 1, 0)), Row(new(0, 0, 1)));
    }

    /// <summary>The nearest one whose first two rows are about these.</summary>
    public static Rotation FromRows(Vec3 x, Vec3 y)
    {
        // The miss of a right angle is shared by both.
        var (a, b) = (x.Unit(), y.Unit());
        var (sum, less) = ((a + b).Unit(), (a - b).Unit());
        var (p, q) = (Math.Sqrt(0.5) * (sum + less), Math.Sqrt(0.5) * (sum - less));
        return new(p, q, p.Cross(q));
    }

    public Vec3 Of(Vec3 p) => new(X.Dot(p), Y.Dot(p), Z.Dot(p));

    /// <summary>Turned back.</summary>
    public Vec3 Back(Vec3 p) => p.X * X + p.Y * Y + p.Z * Z;

    /// <summary>This one after another.</summary>
    public Rotation After(Rotation first)
    {
        var (self, columns) = (this, first);
        Vec3 Row(Vec3 r) => r.X * columns.X + r.Y * columns.Y + r.Z * columns.Z;
        return new(Row(self.X), Row(self.Y), Row(self.Z));
    }
}
