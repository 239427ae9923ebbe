using System.Numerics;
using Datura.Core.Form;

namespace Datura.Core.Tests.Form;

/// <summary>Shadows that relief throws on a curved face, against rays marched through space to the raised skin itself.</summary>
public class CurvedShadowTests
{
    private static readonly FormGrid Grid = FormGrid.Of(DemoWorld.Body, FormGrid.FinePixels);

    // A knob on the forehead, the cheekbone, the breast bone and over the hollow of the inner eye corner, lamps from above and aside;
    // what lies in the shadow of the head itself is left to its slope. The share of cells on which both agree.
    [Theory]
    [InlineData("glabella", 8, 9, 0, 60, 0.85)]
    [InlineData("glabella", 8, 9, 50, 35, 0.85)]
    [InlineData("brow_inner_left", 6, 6, 10, 60, 0.6)]
    [InlineData("midsternale", 10, 9, -50, 65, 0.85)]
    [InlineData("cheekbone_left", 8, 9, 20, 55, 0.85)]
    public void TheShadowLiesWhereRaysAreStopped(string landmark, double radiusMm, double heightMm, double azimuthDeg, double elevationDeg, double shared)
    {
        var at = DemoWorld.Body.At(new(landmark)) + new ChartPoint(0, landmark == "glabella" ? 15 : 4);
        var knob = Relief.Of(Grid, p => (p - at).Length() is var d && d < radiusMm ? heightMm * Math.Cos(d / radiusMm * Math.PI / 2) : 0);
        var lamp = new LampPlace(azimuthDeg, elevationDeg, 0.5);
        var (shadows, sin) = (new CastShadow(knob), (float)Math.Sin(lamp.SpreadDeg * Math.PI / 180));
        var bare = LitSkin.Of(Relief.None(Grid), new([lamp], 0));
        var towards = new Vector3((float)lamp.Towards.X, (float)lamp.Towards.Y, (float)lamp.Towards.Z);
        var top = Grid.Place[Grid.CellAt(at)];
        var (both, either) = (0, 0);
        foreach (var n in Enumerable.Range(0, Grid.Place.Length).Where(n => knob.Mm[n] == 0 && bare[n] > 0.1 && Vector3.Distance(Grid.Place[n], top) < 60))
        {
            if (Stopped(n, towards, knob) is not { } ray)
            {
                continue;
            }

            var shaded = shadows.Open(n / Grid.Width, n % Grid.Width, towards, sin) < 0.5;
            both += ray && shaded ? 1 : 0;
            either += ray || shaded ? 1 : 0;
        }

        Assert.True(either > 15, $"{either} cells lie in shadow");
        Assert.InRange((double)both / either, shared, 1);
    }

    // Over the place of the bare skin that lies nearest, a point of the ray is as high as it stands off along the normal; null where the
    // head itself stops it.
    private static bool? Stopped(int from, Vector3 towards, Relief knob)
    {
        var at = from;
        for (var far = 0.5f; far < 45; far += 0.5f)
        {
            var point = Grid.Place[from] + far * towards;
            for (var nearer = true; nearer;)
            {
                var next = new[] { at - 1, at + 1, at - Grid.Width, at + Grid.Width }.Where(k => k >= 0 && k < Grid.Place.Length).MinBy(k => Vector3.DistanceSquared(Grid.Place[k], point));
                nearer = Vector3.DistanceSquared(Grid.Place[next], point) < Vector3.DistanceSquared(Grid.Place[at], point);
                at = nearer ? next : at;
            }

            if (Vector3.Dot(point - Grid.Place[at], Grid.Normal[at]) < knob.Mm[at])
            {
                return knob.Mm[at] > 0 ? true : null;
            }
        }

        return false;
    }
}
