using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Datura.Files.Json;

/// <summary>How Datura writes JSON everywhere: camel case, enums by name, no nulls left out by chance.</summary>
public static class DaturaJson
{
    public static JsonSerializerOptions Compact { get; } = Configure(new(JsonSerializerDefaults.Web));

    public static JsonSerializerOptions Indented { get; } = Configure(new(JsonSerializerDefaults.Web) { WriteIndented = true });

    /// <summary>Adds Datura's rules to options owned by someone else.</summary>
    public static JsonSerializerOptions Configure(JsonSerializerOptions options)
    {
        options.Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping;
        options.NumberHandling = JsonNumberHandling.Strict;
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        return options;
    }
}
