using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>The skin as it is seen from one side: what lies in front hides what is behind it.</summary>
internal sealed class SeenSkin
{
    // Triangles across the seam at the back of the chart tell no place.
    private const double AcrossSeamMm = 60;

    private readonly SkinMesh mesh;
    private readonly PictureView view;
    private readonly (double Across, double Up)[] seen;

    public SeenSkin(SkinMesh mesh, PictureView view)
    {
        (this.mesh, this.view) = (mesh, view);
        seen = [.. mesh.Positions.Select(view.Seen)];
    }

    /// <summary>The place on the skin that is seen there.</summary>
    /// <param name="besideMm">So far beside the body the nearest of its edge is taken.</param>
    /// <returns>Null where there is none.</returns>
    public ChartPoint? At((double Across, double Up) at, double besideMm) => InFront(at) ?? Nearest(at, besideMm);

    private ChartPoint? InFront((double Across, double Up) at)
    {
        var (nearest, found) = (double.NegativeInfinity, (ChartPoint?)null);
        for (var k = 0; k < mesh.Triangles.Length; k += 3)
        {
            var (a, b, c) = (mesh.Triangles[k], mesh.Triangles[k + 1], mesh.Triangles[k + 2]);
            if (Shares(seen[a], seen[b], seen[c], at) is not { } share || (mesh.Chart[a] - mesh.Chart[b]).Length() > AcrossSeamMm || (mesh.Chart[a] - mesh.Chart[c]).Length() > AcrossSeamMm)
            {
                continue;
            }

            var near = share.A * view.Near(mesh.Positions[a]) + share.B * view.Near(mesh.Positions[b]) + share.C * view.Near(mesh.Positions[c]);
            if (near > nearest)
            {
                (nearest, found) = (near, share.A * mesh.Chart[a] + share.B * mesh.Chart[b] + share.C * mesh.Chart[c]);
            }
        }

        return found;
    }

    private ChartPoint? Nearest((double Across, double Up) at, double besideMm)
    {
        var (least, found) = (besideMm * besideMm, -1);
        for (var k = 0; k < seen.Length; k++)
        {
            var (x, y) = (seen[k].Across - at.Across, seen[k].Up - at.Up);
            if (x * x + y * y < least && view.Near(mesh.Normals[k]) > -0.2)
            {
                (least, found) = (x * x + y * y, k);
            }
        }

        return found < 0 ? null : mesh.Chart[found];
    }

    // How much of each corner a place in the triangle has; null outside.
    private static (double A, double B, double C)? Shares((double X, double Y) a, (double X, double Y) b, (double X, double Y) c, (double X, double Y) p)
    {
        // Most triangles are not even near.
        if (Math.Min(a.X, Math.Min(b.X, c.X)) > p.X || Math.Max(a.X, Math.Max(b.X, c.X)) < p.X || Math.Min(a.Y, Math.Min(b.Y, c.Y)) > p.Y || Math.Max(a.Y, Math.Max(b.Y, c.Y)) < p.Y)
        {
            return null;
        }

        var whole = (b.X - a.X) * (c.Y - a.Y) - (c.X - a.X) * (b.Y - a.Y);
        if (Math.Abs(whole) < 1e-12)
        {
            return null;
        }

        var ofB = ((p.X - a.X) * (c.Y - a.Y) - (c.X - a.X) * (p.Y - a.Y)) / whole;
        var ofC = ((b.X - a.X) * (p.Y - a.Y) - (p.X - a.X) * (b.Y - a.Y)) / whole;
        return ofB >= 0 && ofC >= 0 && ofB + ofC <= 1 ? (1 - ofB - ofC, ofB, ofC) : null;
    }
}
