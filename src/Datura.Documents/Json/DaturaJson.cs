using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace Datura.Documents;

/// <summary>How Datura writes JSON everywhere: camel case, enums by name, no nulls left out by chance.</summary>
public static class DaturaJson
{
    // What a painter left as usual is left out of a look, so that its file reads like what she asked for.
    private static readonly HashSet<Type> WithoutTheUsual = [typeof(Look), typeof(Part), typeof(CoatLay)];

    public static JsonSerializerOptions Compact { get; } = Configure(new(JsonSerializerDefaults.Web));

    public static JsonSerializerOptions Indented { get; } = Configure(new(JsonSerializerDefaults.Web) { WriteIndented = true });

    /// <summary>Adds Datura's rules to options owned by someone else.</summary>
    public static JsonSerializerOptions Configure(JsonSerializerOptions options)
    {
        options.Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping;
        options.NumberHandling = JsonNumberHandling.Strict;
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        options.Converters.Add(new MixConverter());
        options.TypeInfoResolver = (options.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()).WithAddedModifier(LeaveOutTheUsual);
        return options;
    }

    private static void LeaveOutTheUsual(JsonTypeInfo info)
    {
        if (!WithoutTheUsual.Contains(info.Type))
        {
            return;
        }

        foreach (var property in info.Properties)
        {
            if (property.AssociatedParameter is not { HasDefaultValue: false })
            {
                var usual = property.AssociatedParameter is { } given ? given.DefaultValue : property.PropertyType.IsValueType ? Activator.CreateInstance(property.PropertyType) : null;
                property.ShouldSerialize = (_, value) => !Equals(value, usual);
            }
        }
    }
}
