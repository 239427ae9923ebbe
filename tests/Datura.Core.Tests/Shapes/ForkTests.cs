using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

/// <summary>Vessels fork by Murray's law: Proc. Natl. Acad. Sci. 12 (1926) 207; J. Gen. Physiol. 9 (1926) 835.</summary>
public class ForkTests
{
    [Theory]
    [InlineData(3, 1)]
    [InlineData(2.2, 0.6)]
    [InlineData(0.8, 0.25)]
    public void TheCubesOfTheArmsAddUpToTheTrunk(double trunk, double share)
    {
        var (thick, thin) = MurrayFork.Widths(trunk, share);
        Assert.Equal(trunk * trunk * trunk, thick * thick * thick + thin * thin * thin, 9);
        Assert.Equal(share, thin / thick, 9);
    }

    // Murray 1926, table: equal arms include 74.9°; the smaller an arm is beside the other, the more it turns off, up to 90°.
    [Fact]
    public void EqualArmsLieAtMurraysAngle()
    {
        var (thick, thin) = MurrayFork.Angles(1);
        Assert.Equal(74.9, (thick + thin) * 180 / Math.PI, 0.1);
        Assert.Equal(thick, thin, 9);
    }

    [Fact]
    public void TheThinnerArmTurnsOffMore()
    {
        var before = MurrayFork.Angles(1);
        foreach (var share in new[] { 0.8, 0.5, 0.3, 0.1, 0.02 })
        {
            var (thick, thin) = MurrayFork.Angles(share);
            Assert.True(thin > before.ThinRad && thick < before.ThickRad);
            before = (thick, thin);
        }

        Assert.Equal(90, before.ThinRad * 180 / Math.PI, 3.0);
    }

    // Where one line of the part ends two begin, and their widths there are those of the law.
    [Fact]
    public void TheVeinsOfThePartForkByTheLaw()
    {
        var lines = DemoWorld.Expand(DemoWorld.Part("veins", ("count", 1), ("branches", 4), ("width", 3.5)) with { Sides = Sides.Left }).Marks.OfType<StrokeMark>().Where(m => m.Role == "line").ToArray();
        var forks = 0;
        foreach (var trunk in lines)
        {
            var arms = lines.Where(l => l != trunk && (l.Path[0] - trunk.Path[^1]).Length() < 1e-6).ToArray();
            if (arms.Length == 2)
            {
                forks++;
                Assert.Equal(Math.Pow(trunk.WidthsMm[^1], 3), arms.Sum(a => Math.Pow(a.WidthsMm[0], 3)), 0.02);
            }
        }

        Assert.True(forks >= 3);
    }
}
