using Datura.Core.Body;

namespace Datura.Files.Pictures;

/// <summary>
/// What every pixel of a bust picture shows: where on the chart it looks and how brightly it is lit. Computed once per
/// face and view; paint of any step is then only a look-up.
/// </summary>
public sealed class BustBuffer
{
    private readonly float[] depth;

    private BustBuffer(int width, int height, double lowestMm)
    {
        LowestMm = lowestMm;
        Width = width;
        Height = height;
        depth = new float[width * height];
        Array.Fill(depth, float.NegativeInfinity);
        Chart = new (float, float)[width * height];
        Shade = new float[width * height];
        Highlight = new float[width * height];
    }

    /// <summary>Lowest y of the skin on the chart, mm.</summary>
    public double LowestMm { get; }

    public int Width { get; }

    public int Height { get; }

    /// <summary>Chart place per pixel, mm; meaningful where <see cref="Shade"/> is positive.</summary>
    public (float X, float Y)[] Chart { get; }

    /// <summary>Brightness factor per pixel; 0 where there is no skin.</summary>
    public float[] Shade { get; }

    /// <summary>Strength of the key light's highlight on a fully glossy surface, 0 to 1.</summary>
    public float[] Highlight { get; }

    public static BustBuffer Render(SkinMesh mesh, BustView view, int width, int height) => Render(
        mesh, at => view.Project(at, width, height), (_, n) => view.Turned(n) is var normal ? ((float)Lighting.Shade(normal), (float)Lighting.Highlight(normal)) : default, width, height);

    /// <param name="project">Pixel and depth (mm, larger is nearer) of a place in space.</param>
    /// <param name="light">Brightness and highlight of skin at a place with a normal.</param>
    internal static BustBuffer Render(SkinMesh mesh, Func<Vec3, (float X, float Y, float Z)> project, Func<Vec3, Vec3, (float Shade, float Highlight)> light, int width, int height)
    {
        var buffer = new BustBuffer(width, height, mesh.Chart.Min(p => p.YMm));
        var projected = new (float X, float Y, float Z)[mesh.Positions.Length];
        var lit = new float[mesh.Positions.Length];
        var shining = new float[mesh.Positions.Length];
        for (var n = 0; n < projected.Length; n++)
        {
            projected[n] = project(mesh.Positions[n]);
            (lit[n], shining[n]) = light(mesh.Positions[n], mesh.Normals[n]);
        }

        for (var t = 0; t < mesh.Triangles.Length; t += 3)
        {
            buffer.Fill(mesh, projected, lit, shining, mesh.Triangles[t], mesh.Triangles[t + 1], mesh.Triangles[t + 2]);
        }

        return buffer;
    }

    private void Fill(SkinMesh mesh, (float X, float Y, float Z)[] at, float[] lit, float[] shining, int a, int b, int c)
    {
        var (pa, pb, pc) = (at[a], at[b], at[c]);
        var area = (pb.X - pa.X) * (pc.Y - pa.Y) - (pc.X - pa.X) * (pb.Y - pa.Y);
        if (area >= 0)
        {
            return; // seen from inside
        }

        var left = Math.Max(0, (int)MathF.Ceiling(Math.Min(pa.X, Math.Min(pb.X, pc.X)) - 0.5f));
        var right = Math.Min(Width - 1, (int)MathF.Floor(Math.Max(pa.X, Math.Max(pb.X, pc.X)) - 0.5f));
        var top = Math.Max(0, (int)MathF.Ceiling(Math.Min(pa.Y, Math.Min(pb.Y, pc.Y)) - 0.5f));
        var bottom = Math.Min(Height - 1, (int)MathF.Floor(Math.Max(pa.Y, Math.Max(pb.Y, pc.Y)) - 0.5f));
        for (var y = top; y <= bottom; y++)
        {
            for (var x = left; x <= right; x++)
            {
                float px = x + 0.5f, py = y + 0.5f;
                var wa = ((pb.X - px) * (pc.Y - py) - (pc.X - px) * (pb.Y - py)) / area;
                var wb = ((pc.X - px) * (pa.Y - py) - (pa.X - px) * (pc.Y - py)) / area;
                var wc = 1 - wa - wb;
                const float edge = -1e-4f;
                if (wa < edge || wb < edge || wc < edge)
                {
                    continue;
                }

                var z = wa * pa.Z + wb * pb.Z + wc * pc.Z;
                var n = y * Width + x;
                if (z <= depth[n])
                {
                    continue;
                }

                depth[n] = z;
                Highlight[n] = wa * shining[a] + wb * shining[b] + wc * shining[c];
                Shade[n] = wa * lit[a] + wb * lit[b] + wc * lit[c];
                Chart[n] = (
                    (float)(wa * mesh.Chart[a].XMm + wb * mesh.Chart[b].XMm + wc * mesh.Chart[c].XMm),
                    (float)(wa * mesh.Chart[a].YMm + wb * mesh.Chart[b].YMm + wc * mesh.Chart[c].YMm));
            }
        }
    }
}
