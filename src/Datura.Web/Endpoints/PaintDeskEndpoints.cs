using Datura.Core;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Files.Kits;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>The palette before painting: how paints behave on this skin, mixes, washes, casts, colours off a photo.</summary>
public static class PaintDeskEndpoints
{
    // Two usual coats: what a mix looks like in use.
    private const double UseUm = 40;

    // A shade that the eye takes for the shadow of a colour (common practice).
    private const double DeeperBy = 14;
    private const double DeeperChroma = 0.85;

    public static void MapPaintDesk(this IEndpointRouteBuilder routes)
    {
        var kits = routes.MapGroup("/api/kits/{id}").WithTags("Kits").ProducesProblem(400).ProducesProblem(404).Computes();
        kits.MapGet("/on/{face}", async (string id, string face, Library library, CancellationToken cancel) =>
        {
            var skin = PaintStack.OnSkin((await library.FaceAsync(face, cancel)).Skin);
            return TypedResults.Ok((IReadOnlyList<PaintOnSkin>)[.. (await library.KitAsync(id, cancel)).Paints.Select(p => OnSkin(p, skin))]);
        })
            .Called("listPaintsOnSkin", "Every paint of a kit as it looks on a skin.");
        kits.MapGet("/recipe", async (string id, double l, double a, double b, string face, bool? eyes, bool? lips, string? without, Library library, CancellationToken cancel) =>
        {
            var kit = await library.KitAsync(id, cancel);
            var skin = PaintStack.OnSkin((await library.FaceAsync(face, cancel)).Skin);
            var wanted = new Lab(l, a, b);
            var allowed = Allowed(kit, eyes, lips, without);
            var answer = RecipeSearch.For(wanted, allowed);
            var deeper = RecipeSearch.For(new(Math.Max(4, l - DeeperBy), DeeperChroma * a, DeeperChroma * b), allowed);
            return TypedResults.Ok(new RecipeAnswerResource(Srgb.From(wanted).Hex, Resource(answer.Best, kit, skin), Resource(answer.Single, kit, skin), Resource(deeper.Best, kit, skin)));
        })
            .Called("findRecipe", "The mix of this kit that comes nearest a colour.");
        kits.MapGet("/wash", async (string id, double l, double a, double b, string face, bool? eyes, bool? lips, string? without, Library library, CancellationToken cancel) =>
        {
            var kit = await library.KitAsync(id, cancel);
            var wash = WashSearch.For(new(l, a, b), PaintStack.OnSkin((await library.FaceAsync(face, cancel)).Skin), Allowed(kit, eyes, lips, without));
            return TypedResults.Ok(new WashResource(Shares(wash.Mix, kit), Math.Round(wash.FilmUm, 1), Math.Round(wash.Share, 2), Srgb.From(wash.Seen).Hex, Math.Round(wash.DeltaE, 1)));
        })
            .Called("findWash", "The wash over this skin that comes nearest a colour.");
        kits.MapGet("/cast", async (string id, string paint, double l, string face, Library library, CancellationToken cancel) =>
        {
            if (!(l is >= 0 and <= 100))
            {
                throw new InputException("l", ProblemCode.Lightness);
            }

            var kit = await library.KitAsync(id, cancel);
            var chosen = kit.Paints.FirstOrDefault(p => p.Id == paint) ?? throw new InputException("paint", ProblemCode.NoSuchPaint, ("kit", kit.Name), ("paint", paint));
            var (skin, optics) = (PaintStack.OnSkin((await library.FaceAsync(face, cancel)).Skin), PaintOptics.Of(chosen));
            var um = Hiding.CastUm(optics, skin, l);
            return TypedResults.Ok(new CastResource(
                um is { } film ? Math.Round(film, 1) : null, um / chosen.CoatFilmUm is { } share ? Math.Round(share, 2) : null,
                um is { } at ? Srgb.From(skin.With(optics, at).Colour()).Hex : null, Math.Round(skin.Colour().L, 1), Math.Round(new PaintStackProbe(optics).OpaqueColour.L, 1)));
        })
            .Called("findCast", "How thin a film casts this skin to a lightness.");
        kits.MapGet("/paints.csv", async (string id, Library library, CancellationToken cancel) =>
            TypedResults.File(System.Text.Encoding.UTF8.GetBytes(KitCsv.Write((await library.KitAsync(id, cancel)).Paints)), "text/csv", $"{id}.csv"))
            .Called("exportPaints", "The paints of a kit as a table.")
            .Gives("text/csv");
        kits.MapGet("/palette.gpl", async (string id, Library library, CancellationToken cancel) =>
            TypedResults.File(System.Text.Encoding.UTF8.GetBytes(PaletteGpl.Of(await library.KitAsync(id, cancel))), "text/plain", $"{id}.gpl"))
            .Called("exportPalette", "The colours of a kit as a palette for drawing programs.")
            .Gives("text/plain");
        routes.MapPost("/api/kits/read-csv", async (HttpRequest request, CancellationToken cancel) =>
        {
            using var reader = new StreamReader(request.Body);
            return TypedResults.Ok(KitCsv.Read(await reader.ReadToEndAsync(cancel)));
        })
            .Accepts<string>("text/plain", "text/csv", "application/octet-stream")
            .For(Role.Helper).Called("readPaints", "The paints in a table; nothing is kept.").WithTags("Kits").ProducesProblem(400);
        routes.MapPost("/api/kits/try/{face}", async (string face, PaintDescription paint, Library library, CancellationToken cancel) =>
        {
            DocumentCheck.Check(paint, "paint");
            return TypedResults.Ok(OnSkin(paint, PaintStack.OnSkin((await library.FaceAsync(face, cancel)).Skin)));
        })
            .Computes().Called("tryPaint", "A paint as it would look on a skin; nothing is kept.").WithTags("Kits").ProducesProblem(400).ProducesProblem(404);
        routes.MapPost("/api/colours/from-photo", (PhotoSpot photo) =>
        {
            if (photo.Spot is not { Length: 3 } spot || photo.White is { Length: not 3 })
            {
                throw new InputException("spot", ProblemCode.PhotoSpot);
            }

            var colour = photo.White is { } white
                ? PhotoColour.Of((spot[0], spot[1], spot[2]), (white[0], white[1], white[2]), photo.WhiteReflectance ?? PhotoColour.PaperWhite)
                : PhotoColour.AsShown((spot[0], spot[1], spot[2]));
            return TypedResults.Ok(new PhotoAnswer(new(Math.Round(colour.L, 1), Math.Round(colour.A, 1), Math.Round(colour.B, 1)), Srgb.From(colour).Hex));
        })
            .For(Role.Helper).Called("readPhotoColour", "A colour from a spot of a photo and something white beside it.").WithTags("Words").ProducesProblem(400);
    }

    internal static RecipeResource Resource(Recipe recipe, Kit kit, PaintStack skin) => new(
        Shares(recipe.Mix, kit), Srgb.From(recipe.Colour).Hex, Srgb.From(skin.With(PaintOptics.Of(recipe.Mix, kit), UseUm).Colour()).Hex, Math.Round(recipe.DeltaE, 1));

    private static RecipeShare[] Shares(PaintMix mix, Kit kit) => [.. mix.Shares.Select(s => new RecipeShare(s.Paint, PaintOptics.Find(kit, s.Paint).Name, s.Parts))];

    private static PaintDescription[] Allowed(Kit kit, bool? eyes, bool? lips, string? without) =>
        [.. kit.Paints.Where(p => Materials.Mixes(p.Material) && p.Id != without && (eyes != true || p.NearEyes) && (lips != true || p.OnLips))];

    private static PaintOnSkin OnSkin(PaintDescription paint, PaintStack skin)
    {
        var optics = PaintOptics.Of(paint);
        var opaque = new PaintStackProbe(optics).OpaqueColour;
        bool Hides(int coats) => ColourDifference.DeltaE00(skin.With(optics, coats * paint.CoatFilmUm).Colour(), opaque) < CoatColours.HiddenDeltaE;
        int? hides = Enumerable.Range(1, Limits.MostCoats).FirstOrDefault(Hides) is var n and > 0 ? n : null;
        return new(
            paint.Id, paint.Name, paint.Material, paint.Finish, Srgb.From(paint.OverBlack).Hex, Srgb.From(paint.OverWhite).Hex,
            Srgb.From(skin.With(optics, paint.CoatFilmUm).Colour()).Hex, Srgb.From(opaque).Hex, Math.Round(Hiding.ContrastRatio(optics, paint.CoatFilmUm), 3), hides,
            paint.CoatFilmUm, paint.DryingSeconds, paint.NearEyes, paint.OnLips, paint.LeftMl, paint.Price, paint.Stripe, Card(PaintOptics.CardOf(paint)));
    }

    private static CardResource Card(CardReading card) => new(
        Math.Round(card.MissOverBlack, 1), Math.Round(card.MissOverWhite, 1), Math.Round(card.SpreadK, 2), Math.Round(card.SpreadS, 2),
        card.IsDoubted ? Remark.Of(RemarkCode.CardDoubted, ("off", Math.Max(card.MissOverBlack, card.MissOverWhite))).Sentence : null);
}
