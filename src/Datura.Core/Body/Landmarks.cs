namespace Datura.Core.Body;

/// <summary>Named anatomical points of the reference body in material coordinates.</summary>
public static class Landmarks
{
    public static IReadOnlyDictionary<Landmark, SkinPoint> Reference { get; } = Load();

    public static SkinPoint At(Landmark landmark) => Reference.TryGetValue(landmark, out var at)
        ? at
        : throw new ArgumentException($"There is no landmark called {landmark}.");

    private static Dictionary<Landmark, SkinPoint> Load()
    {
        var all = new Dictionary<Landmark, SkinPoint>();
        foreach (var row in CsvData.Rows("landmarks.csv"))
        {
            var space = new Vec3(CsvData.Number(row[1]), CsvData.Number(row[2]), CsvData.Number(row[3]));
            all[new(row[0])] = CapsuleCoordinates.FromSpace(space).At;
        }

        foreach (var row in CsvData.Rows("body-landmarks.csv"))
        {
            var azimuth = CsvData.Number(row[1]) * Math.PI / 180;
            var height = CsvData.Number(row[2]);
            // On the mid-line, in front or at the back, there is one point and no side.
            if (azimuth is 0 or >= Math.PI)
            {
                all[new(row[0])] = new(azimuth, height);
                continue;
            }

            all[new Landmark(row[0]).Left] = new(azimuth, height);
            all[new Landmark(row[0]).Right] = new(-azimuth, height);
        }

        return all;
    }
}
