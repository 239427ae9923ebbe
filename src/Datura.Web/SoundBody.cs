using System.Collections;
using System.Collections.Concurrent;
using System.Reflection;
using System.Text.Json;

namespace Datura.Web;

/// <summary>
/// Refuses what the reader of JSON lets through: nothing where a thing belongs in a list or table, and control characters in a text,
/// which a database does not keep (NUL) and nobody typed.
/// </summary>
internal static class SoundBody
{
    private const int MostDepth = 24;
    private static readonly ConcurrentDictionary<Type, (PropertyInfo Property, bool MayBeEmpty)[]> Known = [];

    /// <param name="body">A record as it came in.</param>
    /// <exception cref="InputException">Names the first empty place.</exception>
    public static void Check(object body) => Check(body, "", 0);

    private static void Check(object value, string field, int depth)
    {
        if (value is string text)
        {
            if (text.Any(c => char.IsControl(c) && c is not ('\t' or '\n' or '\r') || char.IsSurrogate(c)) && !IsText(text))
            {
                throw new InputException(field, ProblemCode.ControlCharacter, ("place", field));
            }

            return;
        }

        if (depth > MostDepth || value.GetType() is { IsPrimitive: true } or { IsEnum: true })
        {
            return;
        }

        if (value is IDictionary table)
        {
            foreach (DictionaryEntry entry in table)
            {
                Check(entry.Key, field, depth + 1);
                Item(entry.Value, $"{field}.{entry.Key}", depth);
            }
        }
        else if (value is IEnumerable items)
        {
            var n = 0;
            foreach (var item in items)
            {
                Item(item, $"{field}[{n++}]", depth);
            }
        }
        else
        {
            foreach (var (property, mayBeEmpty) in Known.GetOrAdd(value.GetType(), Properties))
            {
                var name = JsonNamingPolicy.CamelCase.ConvertName(property.Name);
                var place = field.Length == 0 ? name : $"{field}.{name}";
                if (property.GetValue(value) is { } inner)
                {
                    Check(inner, place, depth + 1);
                }
                else if (!mayBeEmpty)
                {
                    throw new InputException(place, ProblemCode.EmptyItem, ("place", place));
                }
            }
        }
    }

    // Pairs of surrogates are one character; halves are none.
    private static bool IsText(string text)
    {
        for (var n = 0; n < text.Length; n++)
        {
            if (n + 1 < text.Length && char.IsSurrogatePair(text[n], text[n + 1]))
            {
                n++;
            }
            else if (char.IsSurrogate(text[n]) || char.IsControl(text[n]) && text[n] is not ('\t' or '\n' or '\r'))
            {
                return false;
            }
        }

        return true;
    }

    private static void Item(object? item, string field, int depth) => Check(item ?? throw new InputException(field, ProblemCode.EmptyItem, ("place", field)), field, depth + 1);

    // What JSON fills in: the parameters of a record. Numbers of a list of numbers cannot be empty.
    private static (PropertyInfo Property, bool MayBeEmpty)[] Properties(Type type)
    {
        var filled = type.GetConstructors().SelectMany(c => c.GetParameters()).Select(p => p.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var nullability = new NullabilityInfoContext();
        return [.. type.GetProperties(BindingFlags.Instance | BindingFlags.Public)
            .Where(p => filled.Contains(p.Name) && p.GetIndexParameters().Length == 0 && !p.PropertyType.IsPrimitive && !p.PropertyType.IsEnum)
            .Select(p => (p, nullability.Create(p).ReadState != NullabilityState.NotNull))];
    }
}
