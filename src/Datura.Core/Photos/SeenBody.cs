using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>A known body in a photo: how the photo was taken, and where every place of the skin comes to lie in it.</summary>
public sealed class SeenBody
{
    private const double CellPx = 6;
    private const double BehindMm = 7;

    private readonly FittedBody body;
    private readonly FaceForms forms;
    private readonly double[] amounts;
    private readonly Dictionary<(int, int), double> nearest = [];

    private SeenBody(FittedBody body, FaceForms forms, double[] amounts, PhotoPose pose)
    {
        (this.body, this.forms, this.amounts, Pose) = (body, forms, amounts, pose);
        foreach (var at in body.Mesh.Positions)
        {
            var (x, y, away) = pose.Camera.Draw(at);
            var cell = Cell(x, y);
            nearest[cell] = Math.Min(away, nearest.GetValueOrDefault(cell, double.PositiveInfinity));
        }
    }

    public PhotoPose Pose { get; }

    /// <summary>Finds how a photo of this very body was taken.</summary>
    /// <exception cref="InputException">The points are too few or contradict each other.</exception>
    public static SeenBody Of(FittedBody body, FacePhoto photo)
    {
        PhotoCheck.Check([photo]);
        var forms = FaceForms.Of(body);
        // The size is known, so a card would only bring its own errors.
        FacePhoto[] photos = [photo with { Held = null, IrisPx = null }];
        var solve = new FaceSolve(forms, photos, [FaceFromPhotos.Guess(photos[0], 0, body.Skin.Position)]);
        solve.Solve();
        return new(body, forms, solve.Amounts, PhotoPoses.Of(photos, solve)[0]);
    }

    /// <summary>Where a place of the chart comes to lie, px; how squarely it faces the camera; 0 or less where something is before it.</summary>
    public (double X, double Y, double Facing) At(ChartPoint place)
    {
        var skin = body.Chart.ToSkin(place);
        var at = forms.Place(skin).At(amounts);
        var (x, y, away) = Pose.Camera.Draw(at);
        var facing = Pose.Camera.Facing(at, body.Skin.Normal(skin));
        return (x, y, facing > 0 && away > nearest.GetValueOrDefault(Cell(x, y), double.PositiveInfinity) + BehindMm ? 0 : facing);
    }

    private static (int, int) Cell(double x, double y) => ((int)Math.Floor(x / CellPx), (int)Math.Floor(y / CellPx));
}
