using Datura.Core;

namespace Datura.Files.Pictures;

/// <summary>Where parts are seen on the picture of a finished face.</summary>
public static class BustPins
{
    // What is turned farther away than this is at the rim or behind (by judgement).
    private const double LeastTowards = 0.12;

    /// <param name="parts">Ids of parts of the look.</param>
    /// <returns>Shares of the picture's width and height from its upper left; null when none of it faces the viewer.</returns>
    public static (double X, double Y)? Of(PlannedLook look, IReadOnlyCollection<string> parts, int width, int height)
    {
        var view = BustView.GalleryOf(look);
        var seen = look.Parts.Where(p => parts.Contains(p.Part.Id)).SelectMany(p => p.Marks.Marks.GroupBy(m => m.Side).Select(g => Mark.Middle(g)!.Value))
            .Select(at => (At: at, Towards: view.Turned(look.Body.Skin.Normal(look.Body.Chart.ToSkin(at))).Z)).Where(p => p.Towards > LeastTowards)
            .OrderByDescending(p => p.Towards).Select(p => view.Project(look.Body.Chart.Position(p.At), width, height)).ToArray();
        return seen.Length == 0 ? null : (Math.Round((double)seen[0].X / width, 3), Math.Round((double)seen[0].Y / height, 3));
    }
}
