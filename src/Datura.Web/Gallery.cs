using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Datura.Core;
using Datura.Core.Fit;
using Datura.Documents;
using Datura.Files.Pictures;
using Datura.Store;

namespace Datura.Web;

/// <summary>Looks as they are seen on a face: their pictures and facts, drawn once and kept in the database until something that goes into them changes.</summary>
public sealed class Gallery(DocumentStore store, ShownLookStore shown, Library library, PlanService plans)
{
    // Another build may draw otherwise.
    private static readonly string Build = $"{typeof(Planner).Module.ModuleVersionId} {typeof(BustPicture).Module.ModuleVersionId}";

    /// <summary>On whom, with what and where the looks are seen, with a hash of all of it.</summary>
    public sealed record Seen(string Face, string Kit, string Setting, string Hash);

    /// <exception cref="MissingDocumentException">One of them is gone.</exception>
    public async Task<Seen> SeenAsync(string face, string kit, string setting, CancellationToken cancel = default)
    {
        var bodies = new[] { (DocumentTypes.Face.Name, face), (DocumentTypes.Kit.Name, kit), (DocumentTypes.Setting.Name, setting) };
        var text = new StringBuilder(Build);
        foreach (var (kind, id) in bodies)
        {
            text.Append('\n').Append((await store.GetAsync(kind, id, cancel: cancel)).Body);
        }

        // A look made with another kit is painted with what stands in for its paints.
        foreach (var one in await store.ListAsync(DocumentTypes.Kit.Name, cancel: cancel))
        {
            text.Append('\n').Append(one.Id).Append(' ').Append(one.Revision);
        }

        return new(face, kit, setting, Hash(text.ToString()));
    }

    /// <summary>Every look of the studio, with what is known of it there.</summary>
    /// <returns>In the order of their names; without facts those that are still to be drawn.</returns>
    public async Task<IReadOnlyList<GalleryEntry>> ListAsync(Seen seen, CancellationToken cancel = default)
    {
        var saved = await store.SavedAsync(DocumentTypes.Look.Name, cancel);
        var drawn = (await shown.AllAsync(seen.Face, seen.Kit, seen.Setting, cancel)).ToDictionary(s => s.Look);
        return
        [
            .. (await store.AllAsync(DocumentTypes.Look.Name, cancel)).Select(stored =>
            {
                var look = Library.Document(DocumentTypes.Look, stored);
                var facts = drawn.TryGetValue(stored.Id, out var d) && d.Key == KeyOf(seen, stored.Body) ? JsonSerializer.Deserialize<LookFacts>(d.Facts, DaturaJson.Compact) : null;
                return new GalleryEntry(stored.Id, stored.Name, stored.Revision, saved.GetValueOrDefault(stored.Id), look.Production, look.Tags, facts);
            }),
        ];
    }

    /// <summary>The picture of a look as a card of the gallery shows it, WebP; drawn and kept when it is not there.</summary>
    public async Task<byte[]> PictureAsync(Seen seen, string id, CancellationToken cancel = default)
    {
        var stored = await library.StoredAsync(DocumentTypes.Look, id, null, cancel);
        var key = KeyOf(seen, stored.Body);
        return await shown.PictureAsync(id, seen.Face, seen.Kit, seen.Setting, key, cancel) ?? await DrawAsync(seen, stored, key, cancel);
    }

    private async Task<byte[]> DrawAsync(Seen seen, StoredDocument stored, string key, CancellationToken cancel)
    {
        var look = Library.Document(DocumentTypes.Look, stored);
        var (face, kit, setting) = (await library.FaceAsync(seen.Face, cancel), await library.KitAsync(seen.Kit, cancel), await library.SettingAsync(seen.Setting, cancel));
        var (body, (onKit, standIns)) = (await plans.BodyAsync(face.MeasuresMm, cancel), await plans.OnKitAsync(look, kit, cancel));
        // Not remembered as plans in hand are: a gallery of hundreds would push those out.
        var planned = Planner.Plan(onKit, face, body, kit, setting, standIns: standIns, cancel: cancel);
        var (rgba, width, height) = BustPicture.Finished(planned, BustView.GalleryOf(planned), LookEndpoints.GalleryWidth, LookEndpoints.GalleryHeight);
        var picture = WebP.Of(rgba, width, height);
        await shown.KeepAsync(stored.Id, seen.Face, seen.Kit, seen.Setting, key, InputText.Of(LookFacts.Of(planned)), picture, cancel);
        return picture;
    }

    private static string KeyOf(Seen seen, string look) => Hash($"{seen.Hash}\n{look}");

    private static string Hash(string text) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(text)));
}
