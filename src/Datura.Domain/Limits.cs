using System.Collections.Concurrent;
using System.ComponentModel.DataAnnotations;
using System.Globalization;
using System.Reflection;

namespace Datura.Domain;

/// <summary>
/// What a value may be. Declared once, on the record itself (<see cref="RangeAttribute"/>): the checks read it here, the service's
/// description states it, and the interface takes it from there.
/// </summary>
public static class Limits
{
    /// <summary>Letters of a name.</summary>
    public const int LongestName = 120;

    /// <summary>Letters of a remark.</summary>
    public const int LongestWords = 300;

    /// <summary>Letters of notes.</summary>
    public const int LongestNotes = 4_000;

    /// <summary>Entries of a list or table that declares no other limit.</summary>
    public const int MostEntries = 500;

    /// <summary>Lamps of a setting; there are fewer kinds of lamp.</summary>
    public const int MostLamps = 24;

    /// <summary>Coats that an order names, pins and ties: each part has a few.</summary>
    public const int MostInOrder = 4_000;

    /// <summary>More parts than this no one can paint on one face.</summary>
    public const int MostParts = 400;

    public const int MostPaints = 500;

    /// <summary>Tools of a kit.</summary>
    public const int MostTools = 100;

    /// <summary>Coats of one paint on the same place.</summary>
    public const int MostCoats = 8;

    private static readonly ConcurrentDictionary<(Type, string), Limit> Known = new();

    /// <summary>The range of a record's property.</summary>
    /// <exception cref="ArgumentException">The record declares none for it.</exception>
    public static Limit Of<T>(string property) => Known.GetOrAdd((typeof(T), property), k =>
        k.Item1.GetProperty(k.Item2)?.GetCustomAttribute<RangeAttribute>() is { } range
            ? new(Convert.ToDouble(range.Minimum, CultureInfo.InvariantCulture), Convert.ToDouble(range.Maximum, CultureInfo.InvariantCulture), range.MinimumIsExclusive, range.MaximumIsExclusive)
            : throw new ArgumentException($"{k.Item1.Name}.{k.Item2} has no range."));

    public static double Least<T>(string property) => Of<T>(property).Least;

    public static double Most<T>(string property) => Of<T>(property).Most;

    /// <summary>Whether a value lies in its range; what was not given does, what is no number does not.</summary>
    public static bool Hold<T>(string property, double? value) => value is not { } given || Of<T>(property).Holds(given);

    /// <summary>Letters that a text may have: as its property declares, else as a name.</summary>
    public static int MostLetters(PropertyInfo? property) => property?.GetCustomAttribute<StringLengthAttribute>()?.MaximumLength ?? LongestName;

    /// <summary>Entries that a list or table may have: as its property declares, else <see cref="MostEntries"/>.</summary>
    public static int MostIn(PropertyInfo? property) => property?.GetCustomAttribute<MaxLengthAttribute>()?.Length ?? MostEntries;

    /// <summary>Whether something can be called so.</summary>
    public static bool IsName(string? name) => !string.IsNullOrWhiteSpace(name) && name.Length <= LongestName;
}
