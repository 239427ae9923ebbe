using System.Text.Json;
using System.Text.Json.Serialization;

namespace Datura.Documents;

/// <summary>A mix is written as the list of its paints with their parts.</summary>
public sealed class MixConverter : JsonConverter<PaintMix>
{
    public override PaintMix Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        new(JsonSerializer.Deserialize<PaintShare[]>(ref reader, options) ?? throw new JsonException("A mix is a list of paints with their parts."));

    public override void Write(Utf8JsonWriter writer, PaintMix value, JsonSerializerOptions options) => JsonSerializer.Serialize(writer, value.Shares, options);
}
