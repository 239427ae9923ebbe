using Datura.Core.Hands;
using Datura.Core.Paint;

namespace Datura.Core.Order;

/// <summary>How thick a coat comes out, µm dry.</summary>
public static class CoatFilm
{
    /// <summary>One coat of a mix as a hand lays it.</summary>
    public static double Um(PaintMix mix, Kit kit, Hand hand, CoatLay lay) =>
        lay.Film * hand.Film * mix.Shares.Sum(s => s.Parts * PaintOptics.Find(kit, s.Paint).CoatFilmUm) / mix.Shares.Sum(s => s.Parts);
}
