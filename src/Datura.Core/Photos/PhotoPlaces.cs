using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>
/// The places that are looked for in photos: 151 of the points a face finder gives, whose numbering is that of the geometry which the
/// reference skin was built from, and the other landmarks, which a person points at.
/// </summary>
public static class PhotoPlaces
{
    // Landmarks with nothing sharp to point at, and those with (by judgement).
    private const double VagueMm = 5;
    private const double ClearMm = 2.5;

    private static readonly HashSet<Landmark> Clear = [Landmark.Trichion, Landmark.Tragion.Left, Landmark.Tragion.Right, Landmark.Suprasternale, Landmark.MouthLine];

    public static IReadOnlyList<PhotoPlace> All { get; } = Load();

    private static readonly IReadOnlyDictionary<string, PhotoPlace> ByName = All.ToDictionary(p => p.Name);

    public static PhotoPlace? Find(string name) => ByName.GetValueOrDefault(name);

    private static List<PhotoPlace> Load()
    {
        var all = new List<PhotoPlace>();
        foreach (var row in CsvData.Rows("photo-points.csv"))
        {
            var named = row[1].Length > 0 && Landmarks.Reference.ContainsKey(new(row[1]));
            var at = named ? Landmarks.At(new(row[1])) : new SkinPoint(CsvData.Number(row[2]) * Math.PI / 180, CsvData.Number(row[3]));
            all.Add(new(named ? row[1] : $"n{row[0]}", at, CsvData.Number(row[4])) { Number = int.Parse(row[0], System.Globalization.CultureInfo.InvariantCulture) });
        }

        var found = all.Select(p => p.Name).ToHashSet();
        all.AddRange(Landmarks.Reference.Where(l => !found.Contains(l.Key.Id)).Select(l => new PhotoPlace(l.Key.Id, l.Value, Clear.Contains(l.Key) ? ClearMm : VagueMm)));
        return all;
    }
}
