namespace Datura.Core.Body;

/// <summary>Named anatomical points of the reference body in material coordinates.</summary>
public static class Landmarks
{
    public static IReadOnlyDictionary<string, SkinPoint> Reference { get; } = Load();

    public static SkinPoint At(string name) => Reference.TryGetValue(name, out var at)
        ? at
        : throw new ArgumentException($"There is no landmark called {name}.");

    private static Dictionary<string, SkinPoint> Load()
    {
        var all = new Dictionary<string, SkinPoint>();
        foreach (var row in CsvData.Rows("landmarks.csv"))
        {
            var space = new Vec3(CsvData.Number(row[1]), CsvData.Number(row[2]), CsvData.Number(row[3]));
            all[row[0]] = CapsuleCoordinates.FromSpace(space).At;
        }

        foreach (var row in CsvData.Rows("body-landmarks.csv"))
        {
            var azimuth = CsvData.Number(row[1]) * Math.PI / 180;
            var height = CsvData.Number(row[2]);
            // On the mid-line, in front or at the back, there is one point and no side.
            if (azimuth is 0 or >= Math.PI)
            {
                all[row[0]] = new(azimuth, height);
                continue;
            }

            all[row[0] + "_left"] = new(azimuth, height);
            all[row[0] + "_right"] = new(-azimuth, height);
        }

        return all;
    }
}
