using System.Text.Json;
using Datura.Core;
using Datura.Core.Paint;
using Datura.Files.Json;
using Datura.Store;

namespace Datura.Web;

/// <summary>Typed documents of the studio.</summary>
public sealed class Library(DocumentStore store)
{
    public DocumentStore Store => store;

    public async Task<Face> FaceAsync(string id) => Read<Face>((await store.GetAsync(DocumentKind.Face, id)).Body) with { Id = id };

    public async Task<Kit> KitAsync(string id) => Read<Kit>((await store.GetAsync(DocumentKind.Kit, id)).Body) with { Id = id };

    public async Task<Setting> SettingAsync(string id) => Read<Setting>((await store.GetAsync(DocumentKind.Setting, id)).Body) with { Id = id };

    public async Task<LookDocument> LookAsync(string id, int? revision = null) =>
        Read<LookDocument>((await store.GetAsync(DocumentKind.Look, id, revision)).Body);

    public static T Read<T>(string body) => JsonSerializer.Deserialize<T>(body, DaturaJson.Compact)!;

    public static string Write<T>(T value) => JsonSerializer.Serialize(value, DaturaJson.Compact);
}
