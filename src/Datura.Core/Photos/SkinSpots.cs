using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>Where the colour of bare skin is read off a photo of an unpainted face: skin differs from forehead to chest.</summary>
public static class SkinSpots
{
    // Away from hair, eyes and lips: azimuth in degrees and v in mm (by judgement).
    private static readonly (string Zone, (double Deg, double V)[] At)[] Zones =
    [
        ("forehead", [(-14, 64), (0, 66), (14, 64)]), ("cheek", [(-30, -12), (-26, -22), (30, -12), (26, -22)]), ("neck", [(-22, -140), (0, -128), (22, -140)]), ("chest", [(-12, -214), (0, -222), (12, -214)]),
    ];

    private const double LeastFacing = 0.5;

    /// <summary>By zone, x and y in pixels by turns; zones that are not in the picture are left out.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<double>> In(PhotoPose photo)
    {
        var (lens, skin) = (photo.Camera.Lens, FittedBody.Reference.Skin);
        var spots = new Dictionary<string, IReadOnlyList<double>>();
        foreach (var (zone, places) in Zones)
        {
            var px = new List<double>();
            foreach (var place in places.Select(p => new SkinPoint(p.Deg * Math.PI / 180, p.V)))
            {
                var (x, y, _) = photo.Camera.Draw(skin.Position(place));
                if (photo.Camera.Facing(skin.Position(place), skin.Normal(place)) > LeastFacing && x > 4 && y > 4 && x < lens.WidthPx - 4 && y < lens.HeightPx - 4)
                {
                    px.AddRange([Math.Round(x, 1), Math.Round(y, 1)]);
                }
            }

            if (px.Count > 0)
            {
                spots[zone] = px;
            }
        }

        return spots;
    }
}
