using System.Reflection;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Datura.Web;

/// <summary>Types that are only ever answered: everything in them is always there, whatever their constructors leave out.</summary>
public sealed class AnswerSchemas : IOpenApiSchemaTransformer
{
    private static readonly HashSet<Type> Answered = [typeof(CautionNote)];

    public async Task TransformAsync(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancellationToken)
    {
        var info = context.JsonTypeInfo;
        if (info.Type == typeof(IReadOnlyDictionary<string, PaintMix>))
        {
            // A mix is written by MixConverter, of which the framework knows nothing.
            schema.AdditionalProperties = new OpenApiSchema { Type = JsonSchemaType.Array, Items = await context.GetOrCreateSchemaAsync(typeof(PaintShare), cancellationToken: cancellationToken) };
        }

        if (context.JsonPropertyInfo is null && Answered.Contains(info.Type))
        {
            schema.Required = info.Properties.Select(p => p.Name).ToHashSet();
            var nullability = new NullabilityInfoContext();
            foreach (var property in info.Properties.Where(p => p.AttributeProvider is PropertyInfo of && nullability.Create(of).ReadState == NullabilityState.NotNull))
            {
                if (schema.Properties is { } properties && properties.TryGetValue(property.Name, out var found) && found is OpenApiSchema { Type: { } type } never)
                {
                    never.Type = type & ~JsonSchemaType.Null;
                }
            }
        }
    }
}
