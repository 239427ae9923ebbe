using System.Numerics;
using Datura.Core.Form;

namespace Datura.Core.Tests.Form;

/// <summary>Light and slope on plane, cylinder and sphere, whose answers are known in closed form.</summary>
public class KnownSurfaceTests
{
    private const double RadiusMm = 80;

    private static readonly FormGrid Plane = FormGrid.OfSurface(p => new(p.XMm, p.YMm, 0), 768);

    // Rolled round an upright axis: a millimetre of chart is one on the surface.
    private static readonly FormGrid Cylinder = FormGrid.OfSurface(p => new(RadiusMm * Math.Sin(p.XMm / RadiusMm), p.YMm, RadiusMm * Math.Cos(p.XMm / RadiusMm)), 768);

    // Longitude across, latitude up.
    private static readonly FormGrid Sphere = FormGrid.OfSurface(
        p => RadiusMm * new Vec3(Math.Sin(p.XMm / RadiusMm) * Math.Cos(p.YMm / RadiusMm), Math.Sin(p.YMm / RadiusMm), Math.Cos(p.XMm / RadiusMm) * Math.Cos(p.YMm / RadiusMm)), 768);

    public static TheoryData<double, double> Places => new() { { 0, 0 }, { 40, 0 }, { -70, 20 }, { 25, -60 }, { 110, -30 } };

    // Lambert: the cosine between the normal and the lamp, nothing on the far side.
    [Theory]
    [MemberData(nameof(Places))]
    public void ASmallLampShadesByTheCosine(double x, double y)
    {
        var lamp = new LampPlace(-25, 35, 0);
        var light = new FaceLight([lamp], 0);
        var at = new ChartPoint(x, y);
        double turn = x / RadiusMm, rise = y / RadiusMm;
        void Same(FormGrid grid, Vec3 normal) => Assert.Equal(Math.Max(0, normal.Dot(lamp.Towards)), LitSkin.Of(Relief.None(grid), light)[grid.CellAt(at)], 0.012);
        Same(Plane, new(0, 0, 1));
        Same(Cylinder, new(Math.Sin(turn), 0, Math.Cos(turn)));
        Same(Sphere, new(Math.Sin(turn) * Math.Cos(rise), Math.Sin(rise), Math.Cos(turn) * Math.Cos(rise)));
    }

    // Curvature is the turn of the normal per millimetre: 0 for a plane, 1/R round a cylinder and 0 along it, 1/R both ways on a sphere.
    [Fact]
    public void TheNormalTurnsByTheCurvature()
    {
        double Bend(FormGrid grid, double byX, double byY)
        {
            int a = grid.CellAt(new(10, 5)), b = grid.CellAt(new(10 + byX, 5 + byY));
            var cos = Vector3.Dot(grid.Normal[a], grid.Normal[b]);
            return Math.Acos(Math.Min(1, cos)) / Vector3.Distance(grid.Place[a], grid.Place[b]);
        }

        Assert.Equal(0, Bend(Plane, 20, 0), 1e-4);
        Assert.Equal(0, Bend(Cylinder, 0, 20), 1e-4);
        Assert.Equal(1 / RadiusMm, Bend(Cylinder, 20, 0), 0.02 / RadiusMm);
        Assert.Equal(1 / RadiusMm, Bend(Sphere, 0, 20), 0.02 / RadiusMm);
        Assert.Equal(1 / RadiusMm, Bend(Sphere, 20, 0), 0.03 / RadiusMm);
    }

    // A half ball on a plane throws a shadow whose tip lies its radius over the sine of the lamp's height from its middle.
    [Theory]
    [InlineData(12, 40)]
    [InlineData(12, 55)]
    [InlineData(18, 50)]
    public void AHalfBallsShadowEndsWhereTheGrazingRayMeetsTheGround(double radiusMm, double elevationDeg)
    {
        var ball = Relief.Of(Plane, p => Math.Sqrt(Math.Max(0, radiusMm * radiusMm - p.XMm * p.XMm - p.YMm * p.YMm)));
        // From above, over a wall that faces the viewer: up is the lamp's side, the plane's normal is its height.
        var lamp = new LampPlace(0, 90 - elevationDeg, 0);
        var lit = LitSkin.Of(ball, new([lamp], 0));
        var ground = LitSkin.Of(Relief.None(Plane), new([lamp], 0))[0];
        var tip = Enumerable.Range(0, 80).Last(mm => lit[Plane.CellAt(new(0, -mm))] < 0.5 * ground);
        Assert.Equal(radiusMm / Math.Sin(elevationDeg * Math.PI / 180), tip, 1.6);
    }

    [Fact]
    public void ANearLampLightsNearerPlacesMore()
    {
        float[] At(double? metres) => LitSkin.Of(Relief.None(Plane), new([new(0, 0, 0, 1, metres)], 0));
        var near = At(0.5);
        // Straight before the lamp the level is the one asked for; 100 mm aside the way is longer and slants: cos³ in all.
        Assert.Equal(1, near[Plane.CellAt(new(0, 0))], 1e-3);
        Assert.Equal(Math.Pow(500 / Math.Sqrt(500 * 500 + 100 * 100), 3), near[Plane.CellAt(new(100, 0))], 2e-3);
        // Far off it is as if it stood nowhere in particular.
        var (far, none) = (At(100), At(null));
        Assert.All(new[] { -80, 0, 80 }, x => Assert.Equal(none[Plane.CellAt(new(x, 20))], far[Plane.CellAt(new(x, 20))], 1e-3));
    }

    [Theory]
    [InlineData(0, "in or against the head")]
    [InlineData(0.1, "in or against the head")]
    [InlineData(-3, "in or against the head")]
    [InlineData(10_000, "lights the whole face alike")]
    public void ALampThatCannotStandThereIsRefused(double metres, string words) => Assert.Contains(
        words, Assert.Throws<InputException>(() => new FaceLight([new(0, 0, 10, 1, metres)], 0.2).Check()).Message, StringComparison.Ordinal);

    // What is kept while the lamp is dragged gives the tones that the whole computation gives.
    [Fact]
    public void AHeldFormPaintsAsTheCoarseFormDoes()
    {
        var look = DemoWorld.Look("low-tide-bones");
        var (face, body) = (DemoWorld.Faces[0], DemoWorld.Bodies[DemoWorld.Faces[0].Id]);
        var planned = Planner.Plan(look, face, body, DemoWorld.Kit, DemoWorld.Parade, FormGrid.CoarsePixels);
        var bare = Planner.Plan(look with { Form = null }, face, body, DemoWorld.Kit, DemoWorld.Parade);
        var held = FormPlan.Hold(look.Form!, bare.Parts, body, DemoWorld.Kit, Planner.Ground(look, bare.Parts, face, DemoWorld.Kit), DemoWorld.Parade);
        var (seen, whole) = (held.Under(look.Form!.Pretended), planned.Form!.Bands.Painted);
        Assert.All(Enumerable.Range(0, seen.Length), n => Assert.True(held.Covered[n] ? seen[n] == 0 : seen[n] == whole[n]));
        Assert.NotEqual(seen, held.Under(new(60, 10)));
    }
}
