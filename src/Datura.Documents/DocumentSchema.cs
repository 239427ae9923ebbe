using System.Text.Json.Nodes;
using System.Text.Json.Schema;

namespace Datura.Documents;

/// <summary>The JSON Schema of a document's file as it follows from its type: what there is, of which form, and nothing else.</summary>
internal static class DocumentSchema
{
    public static string Of(DocumentType type, Type record)
    {
        var schema = DaturaJson.Indented.GetJsonSchemaAsNode(record, new() { TreatNullObliviousAsNonNullable = true, TransformSchemaNode = Closed }).AsObject();
        schema["$schema"] = "https://json-schema.org/draft/2020-12/schema";
        schema["$id"] = FormattableString.Invariant($"https://datura.invalid/schemas/{type.Name}-{type.FormatVersion}.schema.json");
        schema["title"] = FormattableString.Invariant($"Datura {type.Name}, version {type.FormatVersion}");
        schema["properties"]!["$schema"] = new JsonObject { ["type"] = "string" };
        schema["properties"]!["format"] = new JsonObject { ["const"] = type.Format };
        schema["properties"]!["version"] = new JsonObject { ["const"] = type.FormatVersion };
        schema["required"]!.AsArray().Insert(0, "version");
        schema["required"]!.AsArray().Insert(0, "format");
        return schema.ToJsonString(DaturaJson.Indented) + "\n";
    }

    private static JsonNode Closed(JsonSchemaExporterContext context, JsonNode node)
    {
        if (node is JsonObject schema && schema["properties"] is JsonObject)
        {
            schema["additionalProperties"] = false;
        }

        return node;
    }
}
