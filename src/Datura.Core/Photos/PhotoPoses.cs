namespace Datura.Core.Photos;

/// <summary>What a solution says of each photo.</summary>
internal static class PhotoPoses
{
    private const double VagueMm = 3;

    /// <exception cref="InputException">The points of a photo contradict each other.</exception>
    public static IReadOnlyList<PhotoPose> Of(IReadOnlyList<FacePhoto> photos, FaceSolve solve)
    {
        IReadOnlyList<PhotoPose> poses = [.. photos.Select((p, k) => Of(p, k, solve))];
        FaceFromPhotos.Contradict(photos, poses);
        return poses;
    }

    private static PhotoPose Of(FacePhoto photo, int number, FaceSolve solve)
    {
        var camera = solve.Cameras[number].Camera;
        var (drawn, misses) = (new Dictionary<string, PicturePlace>(), new Dictionary<string, double>());
        foreach (var point in photo.Points)
        {
            if (solve.BlockOf(point.Place)?.Rows.FirstOrDefault(r => r.Photo == number) is not { } row)
            {
                continue;
            }

            drawn[point.Place] = new(point.X - row.MissX, point.Y - row.MissY);
            misses[point.Place] = Math.Sqrt(row.MissX * row.MissX + row.MissY * row.MissY) / camera.PixelsPerMm(solve.Form(point.Place).At(solve.Amounts));
        }

        // Half of those that can be told well lie within it, whatever single ones do.
        var sharp = misses.Where(m => PhotoPlaces.Find(m.Key)!.SpreadMm < VagueMm).Select(m => m.Value).Order().ToArray();
        double[] told = sharp.Length >= PhotoCheck.LeastPoints ? sharp : [.. misses.Values.Order()];
        var usual = told.Length == 0 ? double.PositiveInfinity : told[told.Length / 2];
        return new(camera, usual, drawn, misses);
    }
}
