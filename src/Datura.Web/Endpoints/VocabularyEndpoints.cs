using Datura.Core.Body;
using Datura.Core.Hands;
using Datura.Core.Shapes;
using Datura.Files.Motifs;
using Datura.Files.Pictures;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>The words of the trade: kinds of parts, measures, zones.</summary>
public static class VocabularyEndpoints
{
    private const int MeasurePicturePixels = 132;
    private const int KindPicturePixels = 264;

    public static void MapVocabulary(this IEndpointRouteBuilder routes)
    {
        routes.MapWords<IReadOnlyList<KindResource>>("/api/kinds", () => [.. PartKinds.All.Select(Resource)])
            .Called("listKinds", "The kinds of parts, with their measures and coats.").WithTags("Words");
        routes.MapGet("/api/kinds/{id}/picture", async (string id, string kit, PlanService plans, HttpContext context, CancellationToken cancel) =>
        {
            var kind = PartKinds.Find(id) ?? throw new InputException("id", ProblemCode.NoSuchKind, ("kind", id));
            return Kept.File(await plans.KindPictureAsync(kind, kit, KindPicturePixels, cancel), WebP.MediaType, context);
        })
            .Computes().Called("drawKind", "A kind as a small picture.")
            .Gives(WebP.MediaType).WithTags("Words").ProducesProblem(400).ProducesProblem(404);
        routes.MapWords("/api/hands", () => HandWords.All)
            .Called("listHands", "Tools, techniques and water: what goes with what, and how to tell how wet paint is.").WithTags("Words");
        routes.MapWords("/api/zones", () => Zones.Names)
            .Called("listZones", "The zones of the face, neck and chest.").WithTags("Words");
        routes.MapWords<IReadOnlyList<PlaceResource>>("/api/places", () => [.. HangingPlaces.All.Select(p => new PlaceResource(p, HangingPlaces.WordsFor(p), HangingPlaces.IsPair(p)))])
            .Called("listPlaces", "The places a part can be hung at.").WithTags("Words");
        routes.MapWords<IReadOnlyList<MeasureResource>>("/api/measures", () => [.. Measures.All.Select(m => new MeasureResource(
            m.Id, m.Label, m.StandardTerm, m.HowTaken, m.Group, m.Instrument, m.LeastMm, m.MostMm, m.TypicalLowMm, m.TypicalHighMm))])
            .Called("listMeasures", "The measures of a face, and how each is taken.").WithTags("Words");
        routes.MapWords("/api/measures/presets", () => MeasurePresets.All)
            .Called("listMeasurePresets", "Measures of mean people, by age.").WithTags("Words");
        routes.MapGet("/api/measures/{id}/picture", (string id, HttpContext context) => Kept.File(MeasurePicture.Png(
            Measures.Find(id) ?? throw new InputException("id", ProblemCode.UnknownMeasure, ("id", id)),
            MeasurePicturePixels), "image/png", context))
            .Computes().Called("drawMeasure", "Where a measure is taken, as a small picture.")
            .Gives("image/png").WithTags("Words").ProducesProblem(400);
        routes.MapPost("/api/motifs", async (HttpRequest request, string? name) =>
        {
            using var reader = new StreamReader(request.Body);
            // One letter more than is allowed is enough to know that it is too large.
            var buffer = new char[SvgMotif.MostBytes + 1];
            var length = await reader.ReadBlockAsync(buffer);
            return TypedResults.Ok(SvgMotif.Read(name is { Length: > 0 and <= 120 } ? name : "Motif", new string(buffer, 0, length)));
        })
            .Accepts<string>("text/plain", "image/svg+xml", "application/octet-stream")
            .Computes().Called("readMotif", "The figures of an SVG drawing.").WithTags("Words").ProducesProblem(400);
    }

    private static KindResource Resource(PartKind kind) => new(
        kind.Id, kind.Label, kind.Family, kind.Sided, [.. kind.HangsOn.Select(z => z.Name())],
        [.. kind.Parameters.Select(p => new ParameterResource(p.Id, p.Label, p.Hint, p.Type, p.Least, p.Most, p.Step, p.Choices))],
        [.. kind.Roles.Select(r => new RoleResource(r.Id, r.Label, r.Stage, r.Tool, UsualTools.Find(r.Tool).Name, r.Coats, r.Optional))], Core.Form.KindRelief.UsualMm(kind), kind.FollowsItsHost, kind.StandsAlone);
}
