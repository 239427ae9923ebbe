using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>What a painter calls a point of a photo.</summary>
public static class PhotoWords
{
    public static string Of(string place)
    {
        if (NamedPlaces.All.TryGetValue(new(place), out var words))
        {
            return words;
        }

        var at = PhotoPlaces.Find(place)?.At ?? throw new ArgumentException($"There is no place called {place}.");
        var body = FittedBody.Reference;
        var side = Math.Abs(at.AzimuthRad) < 0.03 ? "" : at.AzimuthRad > 0 ? "left " : "right ";
        return $"{side}{body.ZoneAt(body.Chart.ToChart(at)).Name()}";
    }
}
