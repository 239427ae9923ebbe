using System.Numerics;
using Datura.Core.Form;

namespace Datura.Core.Tests.Form;

/// <summary>What the tone map paints of what the light asks for.</summary>
public class ToneMapLawTests
{
    private static readonly FormGrid Grid = FormGrid.Of(DemoWorld.Body, 384);

    // A face half in the dark is not painted half dark: of what changes slowly over the head, most is left to the head (common practice).
    [Fact]
    public void OfALampAtTheSideLessThanHalfIsPainted()
    {
        var side = new FaceLight([new LampPlace(60, 15)], 0.25);
        bool[] on = [.. Enumerable.Range(0, Grid.Width * Grid.Height).Select(n => Grid.AreaMm2[n] > 0 && Middle(n) is { YMm: > -80 and < 60 } at && Math.Abs(at.XMm) < 60)];
        var map = ToneMap.Of(Relief.None(Grid), on, FaceLight.Usual, side, 60, new(5, 95), 1, 40);
        var (asked, usual) = (LitSkin.Of(Relief.None(Grid), side, on), LitSkin.Of(Relief.None(Grid), FaceLight.Usual));
        double Asked(int side) => Mean(on, side, n => Math.Log(Math.Max(asked[n], 1e-5) / Math.Max(usual[n], 0.04)));
        double Painted(int side) => Mean(on, side, n => Math.Log(ToneMap.Luminance(60 + map.Change[n]) / ToneMap.Luminance(60)));
        Assert.True(Asked(1) > Asked(-1) + 0.2);
        Assert.InRange((Painted(1) - Painted(-1)) / (Asked(1) - Asked(-1)), 0, 0.5);
    }

    // Lights are the smaller part: about two thirds of a figure stay at the base or go darker (common practice).
    [Fact]
    public void AboutTwoThirdsStayAtTheBaseOrDarker()
    {
        bool[] on = [.. Enumerable.Range(0, Grid.Width * Grid.Height).Select(n => Grid.AreaMm2[n] > 0 && Middle(n) is { YMm: > -80 and < 60 } at && Math.Abs(at.XMm) < 60)];
        var map = ToneMap.Of(Relief.None(Grid), on, FaceLight.Usual, FaceLight.Pretended, 60, new(5, 95), 1, 40);
        Assert.InRange(Enumerable.Range(0, on.Length).Where(n => on[n]).Average(n => map.Change[n] <= 0.05 ? 1.0 : 0), 0.6, 0.78);
    }

    // A wall of height h under a lamp that spans 2 s at elevation e: half shade reaches from h / tan(e + s) to h / tan(e − s).
    [Fact]
    public void HalfShadeIsAsWideAsTheLamp()
    {
        const double height = 10, elevation = 45, spread = 8;
        var at = DemoWorld.Body.At(Landmark.Midsternale);
        var n = Grid.CellAt(at + new ChartPoint(0, 12));
        var up = Vector3.Normalize(Grid.AlongY[n] - Vector3.Dot(Grid.AlongY[n], Grid.Normal[n]) * Grid.Normal[n]);
        var towards = (float)Math.Sin(elevation * Math.PI / 180) * Grid.Normal[n] + (float)Math.Cos(elevation * Math.PI / 180) * up;
        var lamp = new LampPlace(Math.Atan2(towards.X, towards.Z) * 180 / Math.PI, Math.Asin(towards.Y) * 180 / Math.PI, spread);
        var wall = Relief.Of(Grid, p => p.YMm > at.YMm + 12 && p.YMm < at.YMm + 15 && Math.Abs(p.XMm) < 25 ? height : 0);
        var (with, without) = (LitSkin.Of(wall, new([lamp], 0)), LitSkin.Of(Relief.None(Grid), new([lamp], 0)));
        var half = Enumerable.Range(1, 60).Count(down => Grid.CellAt(new ChartPoint(0, at.YMm + 12 - down * Grid.CellMm)) is var cell && with[cell] / without[cell] is > 0.05f and < 0.95f);
        double Reach(double deg) => height / Math.Tan(deg * Math.PI / 180);
        Assert.InRange(half * Grid.CellMm, 0.4 * (Reach(elevation - spread) - Reach(elevation + spread)), 1.9 * (Reach(elevation - spread) - Reach(elevation + spread)));
    }

    private static ChartPoint Middle(int n) => Grid.Middle(n / Grid.Width, n % Grid.Width);

    private static double Mean(bool[] on, int side, Func<int, double> value) =>
        Enumerable.Range(0, on.Length).Where(n => on[n] && side * Middle(n).XMm > 5).Average(value);
}
