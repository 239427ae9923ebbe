using Datura.Core.Paint;

namespace Datura.Core.Order;

/// <summary>How thick a coat comes out, µm dry.</summary>
public static class CoatFilm
{
    /// <summary>Film that a tool leaves against the usual of its paint: dabbing evens out, a loaded round brush lays it on, a soft brush dusts (common practice).</summary>
    public static double OfTool(Tool tool) => tool switch
    {
        Tool.SoftBrush => 0.8,
        Tool.FlatBrush or Tool.Filbert => 1.05,
        Tool.Round1 or Tool.Round3 or Tool.Round5 or Tool.Round6 => 1.15,
        _ => 1,
    };

    /// <summary>One coat of a mix with a tool, laid as the part says.</summary>
    public static double Um(PaintMix mix, Kit kit, Tool tool, CoatLay lay) =>
        lay.Film * OfTool(tool) * mix.Shares.Sum(s => s.Parts * PaintOptics.Find(kit, s.Paint).CoatFilmUm) / mix.Shares.Sum(s => s.Parts);
}
