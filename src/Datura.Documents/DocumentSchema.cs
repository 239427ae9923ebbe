using System.ComponentModel;
using System.ComponentModel.DataAnnotations;
using System.Globalization;
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
        if (node is not JsonObject schema)
        {
            return node;
        }

        if (schema["properties"] is JsonObject)
        {
            schema["additionalProperties"] = false;
        }

        if (context.PropertyInfo?.PropertyType == typeof(byte[]))
        {
            schema["contentEncoding"] = "base64";
        }

        foreach (var declared in context.PropertyInfo?.AttributeProvider?.GetCustomAttributes(inherit: true) ?? [])
        {
            Add(schema, declared, ofBytes: context.PropertyInfo?.PropertyType == typeof(byte[]));
        }

        return schema;
    }

    // What a property declares of itself, in the words of JSON Schema.
    private static void Add(JsonObject schema, object declared, bool ofBytes)
    {
        switch (declared)
        {
            case DescriptionAttribute { Description: var words }:
                schema.Insert(0, "description", words);
                break;
            case RangeAttribute range:
                schema[range.MinimumIsExclusive ? "exclusiveMinimum" : "minimum"] = Convert.ToDouble(range.Minimum, CultureInfo.InvariantCulture);
                schema[range.MaximumIsExclusive ? "exclusiveMaximum" : "maximum"] = Convert.ToDouble(range.Maximum, CultureInfo.InvariantCulture);
                break;
            case StringLengthAttribute letters:
                schema["maxLength"] = letters.MaximumLength;
                if (letters.MinimumLength > 0)
                {
                    schema["minLength"] = letters.MinimumLength;
                }

                break;
            case MaxLengthAttribute most:
                // Base64 has four letters for three bytes (RFC 4648, 4).
                schema[ofBytes ? "maxLength" : "maxItems"] = ofBytes ? (most.Length + 2) / 3 * 4 : most.Length;
                break;
            case MinLengthAttribute least:
                schema["minItems"] = least.Length;
                break;
        }
    }
}
