using Datura.Core.Hands;

namespace Datura.Core.Form;

/// <summary>Computed tones with tools of the painter's own: the tone stays what it is, so that a tool that lays thinner is given more.</summary>
internal static class FormHands
{
    public static Part Of(Part part, FormKind kind, FormWish wish, Kit kit) => wish.Laid is not { Count: > 0 } own ? part : part with
    {
        Laid = part.Laid!.ToDictionary(l => l.Key, l => own.TryGetValue(l.Key, out var chosen) ? Laid(l.Value, chosen, kind.Roles.First(r => r.Id == l.Key), part.Paints[l.Key], kit) : l.Value),
    };

    private static CoatLay Laid(CoatLay reckoned, CoatLay chosen, CoatRole role, PaintMix mix, Kit kit)
    {
        var lay = reckoned with { Tool = chosen.Tool, Technique = chosen.Technique, Water = chosen.Water, Ground = chosen.Ground, Words = chosen.Words };
        var (usual, hand) = (HandChoice.Of(role, reckoned, mix, kit), HandChoice.Of(role, lay, mix, kit));
        return hand.Usual ? lay : lay with { Film = Math.Clamp(reckoned.Film * usual.Film / hand.Film, CoatLay.LeastFilm, CoatLay.MostFilm) };
    }
}
