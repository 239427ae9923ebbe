using System.Collections;
using System.Collections.Concurrent;
using System.Reflection;
using System.Text.Json;

namespace Datura.Web;

/// <summary>
/// Refuses what the reader of JSON lets through: nothing where a thing belongs in a list or table, texts and lists longer than their
/// property declares (<see cref="Limits"/>), and control characters in a text, which a database does not keep (NUL) and nobody typed.
/// </summary>
internal static class SoundBody
{
    private const int MostDepth = 24;
    private static readonly ConcurrentDictionary<Type, (PropertyInfo Property, bool MayBeEmpty)[]> Known = [];

    /// <param name="body">A record as it came in.</param>
    /// <exception cref="InputException">Names the first place that is not sound.</exception>
    public static void Check(object body) => Check(body, "", null, 0);

    // A list's limits are its property's, and so are those of its entries.
    private static void Check(object value, string field, PropertyInfo? property, int depth)
    {
        if (value is string text)
        {
            CheckText(text, field, Limits.MostLetters(property));
            return;
        }

        if (depth > MostDepth || value.GetType() is { IsPrimitive: true } or { IsEnum: true })
        {
            return;
        }

        if (value is ICollection { Count: var count } && count > Limits.MostIn(property))
        {
            throw new InputException(field, ProblemCode.ListTooLong, ("place", field), ("count", (double)count), ("most", (double)Limits.MostIn(property)));
        }

        if (value is IDictionary table)
        {
            foreach (DictionaryEntry entry in table)
            {
                Check(entry.Key, field, null, depth + 1);
                Item(entry.Value, $"{field}.{entry.Key}", depth);
            }
        }
        else if (value is IEnumerable items)
        {
            // Numbers cannot be wrong in themselves; a drawing has thousands, a picture a hundred times as many.
            var n = 0;
            foreach (var item in (value is byte[] or IReadOnlyList<double>) ? Array.Empty<object>() : items)
            {
                Item(item, $"{field}[{n++}]", depth);
            }
        }
        else
        {
            foreach (var (inside, mayBeEmpty) in Known.GetOrAdd(value.GetType(), Properties))
            {
                var name = JsonNamingPolicy.CamelCase.ConvertName(inside.Name);
                var place = field.Length == 0 ? name : $"{field}.{name}";
                if (inside.GetValue(value) is { } inner)
                {
                    Check(inner, place, inside, depth + 1);
                }
                else if (!mayBeEmpty)
                {
                    throw new InputException(place, ProblemCode.EmptyItem, ("place", place));
                }
            }
        }
    }

    /// <summary>Whether a text can be kept: not too long, no half characters, control characters only where there may be lines.</summary>
    public static void CheckText(string text, string field, int most)
    {
        if (text.Length > most)
        {
            throw new InputException(field, ProblemCode.TextTooLong, ("place", field), ("count", (double)text.Length), ("most", (double)most));
        }

        // Only notes have lines; a name with one would tear tables and sheets apart.
        if (text.Any(c => char.IsControl(c) || char.IsSurrogate(c)) && !IsText(text, lines: most > Limits.LongestName))
        {
            throw new InputException(field, ProblemCode.ControlCharacter, ("place", field));
        }
    }

    // Pairs of surrogates are one character; halves are none.
    private static bool IsText(string text, bool lines)
    {
        for (var n = 0; n < text.Length; n++)
        {
            if (n + 1 < text.Length && char.IsSurrogatePair(text[n], text[n + 1]))
            {
                n++;
            }
            else if (char.IsSurrogate(text[n]) || char.IsControl(text[n]) && !(lines && text[n] is ('\t' or '\n' or '\r')))
            {
                return false;
            }
        }

        return true;
    }

    private static void Item(object? item, string field, int depth) =>
        Check(item ?? throw new InputException(field, ProblemCode.EmptyItem, ("place", field)), field, null, depth + 1);

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
