using System.Numerics;
using CsCheck;
using Datura.Core.Form;
using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Form;

/// <summary>Laws of light and form: closed forms, limits, monotony, and what a hand can paint.</summary>
public class FormTests
{
    private static readonly FormGrid Grid = FormGrid.Of(DemoWorld.Body, 384);

    private static readonly bool[] Face = Cells(at => DemoWorld.Body.ZoneAt(at) is Zone.Forehead or Zone.Cheekbone or Zone.CheekHollow or Zone.Temple or Zone.Nose or Zone.Chin or Zone.Jaw or Zone.UpperLip or Zone.Orbit);

    private static readonly ToneBounds Unlimited = new(0, 100);

    // Lambert's cosine law, for a small lamp: the closed form for plane, sphere and cylinder alike.
    [Fact]
    public void ASmallLampLightsByTheCosine() =>
        Gen.Double[-1, 1].Sample(cos => Assert.Equal(Math.Max(0, cos), Irradiance.OfLamp(cos, 0), 1e-12));

    // Mean over a whole sphere: a quarter of the light that falls on its cross section, for any spread that is small.
    [Fact]
    public void ASphereCatchesAQuarter()
    {
        const int rings = 4000;
        var mean = Enumerable.Range(0, rings).Average(k => Irradiance.OfLamp(1 - 2 * (k + 0.5) / rings, 0));
        Assert.Equal(0.25, mean, 1e-6);
    }

    [Fact]
    public void ALargeLampNeverLightsLessThanASmallOneAndMeetsItInFullView() =>
        Gen.Select(Gen.Double[-1, 1], Gen.Double[1, 80]).Sample((cos, spread) =>
        {
            Assert.True(Irradiance.OfLamp(cos, spread) >= Irradiance.OfLamp(cos, 0) - 1e-12);
            Assert.Equal(1, Irradiance.OfLamp(1, spread), 1e-12);
        });

    [Fact]
    public void LightFallsOffWithTheSquareOfTheDistance()
    {
        Assert.Equal(4, Irradiance.AtDistance(1.5) / Irradiance.AtDistance(3), 1e-12);
        Assert.Equal(1, Irradiance.AtDistance(2, 2), 1e-12);
    }

    [Fact]
    public void WithoutAnyLightASentenceSaysSo() => Assert.Contains(
        "no light", Assert.Throws<InputException>(() => LitSkin.Of(Relief.None(Grid), new([new(0, 0, 0, 0)], 0))).Message, StringComparison.Ordinal);

    // A minute of arc: 0.29 mm at a metre, 5.8 mm at twenty.
    [Theory]
    [InlineData(1, 0.2909)]
    [InlineData(20, 5.818)]
    public void AnEyeResolvesAMinuteOfArc(double metres, double mm) => Assert.Equal(mm, VisualAcuity.FinestMm(metres), 0.001);

    [Fact]
    public void FinerFiguresNeedStrongerSteps()
    {
        Assert.Equal(double.PositiveInfinity, VisualAcuity.WeakestStep(2, 20));
        Assert.True(VisualAcuity.WeakestStep(8, 20) > VisualAcuity.WeakestStep(16, 20) && VisualAcuity.WeakestStep(16, 20) > 1);
    }

    // The same light on the same skin asks for nothing.
    [Fact]
    public void WithoutReliefAndWithEqualLightsNothingIsPainted()
    {
        var map = ToneMap.Of(Relief.None(Grid), Face, FaceLight.Pretended, FaceLight.Pretended, 65, Unlimited, 1, 60);
        Assert.All(map.Change, c => Assert.InRange(c, -1e-3, 1e-3));
        Assert.Empty(ToneBands.Of(map, 5).Tones);
    }

    [Fact]
    public void StrengthNothingPaintsNothingAndMoreStrengthPaintsMore()
    {
        double Amount(double strength) => Map(Bump(4, 12), strength).Change.Sum(c => Math.Abs((double)c));
        double[] amounts = [.. new[] { 0, 0.5, 1, 1.6 }.Select(Amount)];
        Assert.Equal(0, amounts[0], 1e-3);
        Assert.Equal(amounts.Order(), amounts);
        Assert.True(amounts[^1] > amounts[1]);
    }

    [Fact]
    public void HighlightsStayUnderTheirCapAndTonesWithinThePaints()
    {
        var map = ToneMap.Of(Bump(9, 9), Face, FaceLight.Usual, FaceLight.Pretended, 60, new(48, 90), 1.5, 6);
        Assert.All(map.Change, c => Assert.InRange(c, -12.01, 6.01));
        Assert.True(map.Cut > 0);
    }

    // Painted without limits the form is seen as it was wanted.
    [Fact]
    public void UnlimitedPaintMakesASmallReliefRead()
    {
        var relief = Bump(2, 14);
        var map = ToneMap.Of(relief, Face, FaceLight.Usual, FaceLight.Pretended, 60, Unlimited, 1, 60);
        var closure = Closure.Of(map, map.Change, relief, 0.5);
        Assert.InRange(closure.Painted, 0.995, 1);
        Assert.True(closure.Painted > closure.Bare);
    }

    [Fact]
    public void BandsReadNearlyAsWellAsTheWholeMapAndBetterThanNoPaint()
    {
        var relief = Bump(-4, 14);
        var map = ToneMap.Of(relief, Face, FaceLight.Usual, FaceLight.Pretended, 65, new(15, 95), 1, 20);
        var closure = Closure.Of(map, ToneBands.Of(map, 5).Painted, relief, 0.5);
        Assert.True(closure.Painted > closure.Bare + 0.05);
        Assert.True(closure.Painted > 0.85);
    }

    // A hollow is dark on the side of the lamp above it and lighter below; a bump the other way round.
    [Fact]
    public void HollowsAndBumpsAreShadedOppositeWays()
    {
        var at = DemoWorld.Body.At(Landmark.Glabella);
        float Change(Relief relief, double up) => Map(relief, 1).Change[Grid.CellAt(at + new ChartPoint(0, up))];
        Assert.True(Change(Bump(-5, 10), 5) < Change(Bump(-5, 10), -5));
        Assert.True(Change(Bump(5, 10), 5) > Change(Bump(5, 10), -5));
    }

    // A post of height h under a lamp e above the surface throws a shadow h / tan e long.
    [Theory]
    [InlineData(6, 45)]
    [InlineData(6, 60)]
    [InlineData(10, 55)]
    public void AShadowIsAsLongAsTheLampIsHigh(double heightMm, double elevationDeg)
    {
        var grid = FormGrid.Of(DemoWorld.Body);
        // The breast bone is the flattest place of a body.
        var at = DemoWorld.Body.At(Landmark.Midsternale);
        var n = grid.CellAt(at + new ChartPoint(0, 12));
        var (normal, up) = (grid.Normal[n], Vector3.Normalize(grid.AlongY[n] - Vector3.Dot(grid.AlongY[n], grid.Normal[n]) * grid.Normal[n]));
        var (sin, cos) = Math.SinCos(elevationDeg * Math.PI / 180);
        var towards = (float)sin * normal + (float)cos * up;
        var lamp = new LampPlace(Math.Atan2(towards.X, towards.Z) * 180 / Math.PI, Math.Asin(towards.Y) * 180 / Math.PI, 0.5);
        // A wall across it; below it lies its shadow.
        var wall = Relief.Of(grid, p => p.YMm > at.YMm + 12 && p.YMm < at.YMm + 15 && Math.Abs(p.XMm) < 25 ? heightMm : 0);
        var (with, without) = (LitSkin.Of(wall, new([lamp], 0)), LitSkin.Of(Relief.None(grid), new([lamp], 0)));
        var length = 0;
        for (var down = 1; down < 60; down++)
        {
            var cell = grid.CellAt(new ChartPoint(0, at.YMm + 12 - down * grid.CellMm));
            length += with[cell] < 0.5 * without[cell] ? 1 : 0;
        }

        Assert.Equal(heightMm / Math.Tan(elevationDeg * Math.PI / 180), length * grid.CellMm, 0.25 * heightMm / Math.Tan(elevationDeg * Math.PI / 180) + 1);
    }

    [Fact]
    public void AFloorSeesLessOfTheSkyTheDeeperItLies()
    {
        Assert.Equal(1, LitSkin.Sky(0), 1e-12);
        // Rays drawn over the hemisphere, more of them the steeper they are (Lambert's cosine): how many leave a round pit of this depth.
        var radius = 5 * Math.Sqrt(LitSkin.Sky(5) / (1 - LitSkin.Sky(5)));
        var random = new Random(8);
        foreach (var depth in new[] { 2.0, 9, 20 })
        {
            var leave = Enumerable.Range(0, 40_000).Count(_ => Math.Sqrt(random.NextDouble()) is var sin && depth * sin / Math.Sqrt(1 - sin * sin) < radius) / 40_000.0;
            Assert.Equal(leave, LitSkin.Sky((float)depth), 0.01);
        }
    }

    // No island under the smallest width: shrinking every outline by just under half of it leaves something of each part.
    [Fact]
    public void NoToneIsFinerThanASpongesCorner()
    {
        var bands = ToneBands.Of(Map(Bump(6, 9), 1.2), 5);
        Assert.NotEmpty(bands.Tones);
        Assert.All(bands.Tones, tone => Assert.All(Enumerable.Range(0, tone.Outline.NumGeometries).Select(tone.Outline.GetGeometryN), g => Assert.True(g.Area > 10)));
        Assert.All(bands.Tones, tone => Assert.True(tone.Outline.IsValid));
    }

    [Theory]
    [InlineData(3, 1, 1)]
    [InlineData(4, 1, 2)]
    [InlineData(5, 2, 2)]
    public void TonesAreCountedWithTheBaseAmongThem(int tones, int lights, int shades)
    {
        var bands = ToneBands.Of(Map(Bump(6, 14), 1.4), tones);
        Assert.Equal(lights, bands.Tones.Count(t => t.IsLight));
        Assert.Equal(shades, bands.Tones.Count(t => !t.IsLight));
        Assert.Equal(lights + 1, bands.BaseNumber);
        Assert.DoesNotContain(bands.Tones, t => t.Number == bands.BaseNumber);
    }

    // A disc comes back from its cells with its area, and a ring with its hole.
    [Fact]
    public void OutlinesKeepAreasAndHoles()
    {
        var centre = DemoWorld.Body.At(Landmark.Sellion);
        Geometry Outline(double inner, double outer)
        {
            var field = new float[Grid.Width * Grid.Height];
            for (var n = 0; n < field.Length; n++)
            {
                var d = (Grid.Middle(n / Grid.Width, n % Grid.Width) - centre).Length();
                field[n] = (float)(Math.Clamp((outer - d) / Grid.CellMm + 0.5, 0, 1) * Math.Clamp((d - inner) / Grid.CellMm + 0.5, 0, 1));
            }

            return Isolines.Figure(field, new(0, 0, Grid.Width, Grid.Height), Grid);
        }

        Assert.Equal(Math.PI * 400, Outline(-9, 20).Area, 0.02 * Math.PI * 400);
        Assert.Equal(Math.PI * 300, Outline(10, 20).Area, 0.03 * Math.PI * 300);
    }

    [Fact]
    public void DistancesAreThoseOfTheClosedForm()
    {
        const int size = 41;
        var marked = Enumerable.Range(0, size * size).Select(n => Math.Sqrt(Math.Pow(n % size - 20, 2) + Math.Pow(n / size - 20, 2)) < 15).ToArray();
        var far = DistanceTransform.ToOutside(marked, size, size);
        Assert.Equal(15, far[20 * size + 20], 1.0);
        Assert.Equal(0, far[0], 1e-9);
    }

    private static ToneMap Map(Relief relief, double strength) => ToneMap.Of(relief, Face, FaceLight.Usual, FaceLight.Pretended, 65, Unlimited, strength, 60);

    private static Relief Bump(double heightMm, double radiusMm)
    {
        var at = DemoWorld.Body.At(Landmark.Glabella);
        return Relief.Of(Grid, p => heightMm * Math.Exp(-Math.Pow((p - at).Length() / radiusMm, 2)));
    }

    private static bool[] Cells(Func<ChartPoint, bool> on) => [.. Enumerable.Range(0, Grid.Width * Grid.Height).Select(n => on(Grid.Middle(n / Grid.Width, n % Grid.Width)))];
}
