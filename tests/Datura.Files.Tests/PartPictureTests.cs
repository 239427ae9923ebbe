using Datura.Core.Shapes;
using Datura.Files.Pictures;

namespace Datura.Files.Tests;

/// <summary>The library's pictures: what is on offer must be seen in them.</summary>
public class PartPictureTests
{
    private const int Pixels = 132;
    private const int PaintPixels = 640;

    // A difference that is seen at a glance, of 255, and how much of the picture must have it, in per mille (by judgement).
    private const int Seen = 22;
    private const double LeastPerMille = 1.5;

    [Fact]
    public void EveryKindIsSeenInItsPicture()
    {
        var missing = PartKinds.All.AsParallel().Select(kind => (kind.Id, PerMille: Changed(kind))).Where(k => k.PerMille < LeastPerMille).ToArray();
        Assert.Empty(missing);
    }

    private static double Changed(PartKind kind)
    {
        var (painted, bare) = (PartPicture.Of(kind, DemoWorld.Kit, Pixels, PaintPixels), PartPicture.BareOf(kind, DemoWorld.Kit, Pixels, PaintPixels));
        var changed = Enumerable.Range(0, Pixels * Pixels).Count(n => Enumerable.Range(0, 3).Max(c => Math.Abs(painted[4 * n + c] - bare[4 * n + c])) >= Seen);
        return 1000.0 * changed / (Pixels * Pixels);
    }
}
