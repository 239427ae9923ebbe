namespace Datura.Core.Photos;

/// <summary>What a solution says of each photo.</summary>
internal static class PhotoPoses
{
    /// <exception cref="InputException">The points of a photo contradict each other.</exception>
    public static IReadOnlyList<PhotoPose> Of(IReadOnlyList<FacePhoto> photos, FaceSolve solve)
    {
        IReadOnlyList<PhotoPose> poses = [.. photos.Select((p, k) => Of(p, k, solve))];
        FaceFromPhotos.Contradict(poses);
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

        // Half of the points lie within it whatever single ones do: of misses in two directions, the root of the mean square.
        var usual = misses.Count == 0 ? double.PositiveInfinity : misses.Values.Order().ElementAt(misses.Count / 2) / Math.Sqrt(Math.Log(2));
        return new(camera, usual, drawn, misses);
    }
}
