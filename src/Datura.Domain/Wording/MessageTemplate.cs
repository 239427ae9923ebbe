using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace Datura.Domain;

/// <summary>
/// A sentence with places for values: {name} for a word, {name:0.#} for a number in that format, {name:up} and {name:down} for a number
/// rounded to a tenth that way, {name:time} for seconds in s or min, {parts?covers|cover} for one or many, and [a piece] that is only
/// said when all its values are there.
/// </summary>
public sealed partial class MessageTemplate(string text)
{
    public string Text => text;

    /// <exception cref="ArgumentException">A value is missing.</exception>
    public string Filled(IReadOnlyDictionary<string, object> values)
    {
        var whole = Piece().Replace(text, piece => Place().Matches(piece.Value).All(m => values.ContainsKey(m.Groups["name"].Value)) ? piece.Groups["inner"].Value : "");
        return Place().Replace(whole, place =>
        {
            var name = place.Groups["name"].Value;
            if (!values.TryGetValue(name, out var value))
            {
                throw new ArgumentException($"“{text}” needs {name}.");
            }

            return place.Groups["one"].Success ? (Many(value) ? place.Groups["many"] : place.Groups["one"]).Value : Said(value, place.Groups["format"].Value);
        });
    }

    private static bool Many(object value) => value is IReadOnlyCollection<string> { Count: > 1 };

    private static string Said(object value, string format) => value switch
    {
        IReadOnlyCollection<string> list => Listed([.. list]),
        double number => Number(number, format),
        int number => number.ToString(CultureInfo.InvariantCulture),
        Problem problem => problem.Sentence,
        _ => $"{value}",
    };

    /// <summary>A, B and C.</summary>
    public static string Listed(IReadOnlyList<string> words)
    {
        var text = new StringBuilder();
        for (var k = 0; k < words.Count; k++)
        {
            text.Append(k == 0 ? "" : k == words.Count - 1 ? " and " : ", ").Append(words[k]);
        }

        return text.ToString();
    }

    private static string Number(double value, string format) => format switch
    {
        "" => value.ToString("0.##", CultureInfo.InvariantCulture),
        "up" => (Math.Ceiling(10 * value - 1e-9) / 10).ToString("0.#", CultureInfo.InvariantCulture),
        "down" => (Math.Floor(10 * value + 1e-9) / 10).ToString("0.#", CultureInfo.InvariantCulture),
        // Under a minute and a half in seconds, so that a little over is never nothing.
        "time" => value < 90 ? FormattableString.Invariant($"{Math.Max(1, Math.Round(value)):0} s") : FormattableString.Invariant($"{value / 60:0.#} min"),
        _ => value.ToString(format, CultureInfo.InvariantCulture),
    };

    [GeneratedRegex(@"\{(?<name>\w+)(\?(?<one>[^|}]*)\|(?<many>[^}]*)|:(?<format>[^}]*))?\}")]
    private static partial Regex Place();

    [GeneratedRegex(@"\[(?<inner>[^\]]*)\]")]
    private static partial Regex Piece();
}
