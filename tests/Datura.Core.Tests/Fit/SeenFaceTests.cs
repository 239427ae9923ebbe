using Datura.Core.Fit;
using Datura.Core.Form;

namespace Datura.Core.Tests.Fit;

public class SeenFaceTests
{
    // Normal sight resolves about a minute of arc (Snellen): from afar fine lines run together with what lies between them.
    [Fact]
    public void FineLinesAreLostFromAfar()
    {
        var grid = FormGrid.Of(DemoWorld.Body, FormGrid.CoarsePixels);
        var planned = DemoWorld.PlanOf(DemoWorld.Part("web"));
        double Seen(double distanceM)
        {
            SeenFace Face(IEnumerable<Datura.Core.Paint.LaidCoat> coats) => SeenFace.Of(coats, planned.Skin, grid, null, distanceM);
            return Face(planned.Coats.SelectMany(c => c)).Difference(Face([]), grid);
        }

        Assert.True(Seen(60) < 0.85 * Seen(1), $"{Seen(60)} against {Seen(1)}");
    }
}
