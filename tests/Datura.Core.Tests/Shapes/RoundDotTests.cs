using Datura.Core.Paint;

namespace Datura.Core.Tests.Shapes;

/// <summary>A dot is round on the skin, however the chart is drawn out there.</summary>
public class RoundDotTests
{
    public static TheoryData<string> Faces => [.. DemoWorld.FourFaces.Select(f => f.Id)];

    [Theory]
    [MemberData(nameof(Faces))]
    public void ADotOnTheShoulderIsRound(string face)
    {
        var body = DemoWorld.Bodies[face];
        foreach (var landmark in new[] { Landmark.Acromion, Landmark.ClavicleOuter, Landmark.Zygion, Landmark.Cheekbone, Landmark.Midsternale })
        {
            var at = body.At(landmark);
            var dot = new DotMark("dot", Side.Left, at, 12) { Measure = body.Chart.Measure(at) };
            var window = new ChartWindow(2048);
            var map = CoverageMap.Of([dot], window);
            var reaches = new double[16];
            for (var y = 0; y < map.Height; y++)
            {
                for (var x = 0; x < map.Width; x++)
                {
                    if (map.Level[y * map.Width + x] > CoverageMap.Levels / 2)
                    {
                        // How far on the skin, and in which direction, by the tape of three dimensions.
                        var here = new ChartPoint(window.XOfColumn(map.Left + x + 0.5), window.YOfRow(map.Top + y + 0.5));
                        var far = body.Chart.Position(here).DistanceTo(body.Chart.Position(at));
                        var way = (int)((Math.Atan2(here.YMm - at.YMm, here.XMm - at.XMm) / (2 * Math.PI) + 1) * 16) % 16;
                        reaches[way] = Math.Max(reaches[way], far);
                    }
                }
            }

            Assert.All(reaches, r => Assert.InRange(r, 4.5, 7.5));
        }
    }

    [Fact]
    public void OnATrueChartADotIsADisc()
    {
        Assert.Equal(5, ChartMeasure.True.LengthMm(3, 4), 9);
        Assert.Equal(1, ChartMeasure.True.LongestMm, 9);
        Assert.Equal(2, new ChartMeasure(0.25, 0, 1).LongestMm, 9);
    }

    // The parts of a kind come with the measure of where they lie.
    [Fact]
    public void DotsOfAPartKnowWhereTheyLie()
    {
        var dots = DemoWorld.Expand(DemoWorld.Part("dotRow") with { Words = new Dictionary<string, string> { ["along"] = "collar bone" } }).Marks.OfType<DotMark>().ToArray();
        Assert.NotEmpty(dots);
        Assert.All(dots, d => Assert.Equal(DemoWorld.Body.Chart.Measure(d.At), d.Measure));
    }
}
