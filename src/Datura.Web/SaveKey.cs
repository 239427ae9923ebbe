using System.Diagnostics.CodeAnalysis;

namespace Datura.Web;

/// <summary>
/// Names a save, so that one whose answer was lost can be sent again and is then the same save (the header Idempotency-Key of the
/// IETF's HTTPAPI group's draft of that name).
/// </summary>
/// <param name="Text">8 to 80 letters, digits and dashes; a random one for each save.</param>
public sealed record SaveKey(string Text) : IParsable<SaveKey>
{
    /// <summary>The header that carries it.</summary>
    public const string Header = "Idempotency-Key";

    private static bool Holds(string? text) => text is { Length: >= 8 and <= 80 } && text.All(c => char.IsAsciiLetterOrDigit(c) || c == '-');

    public static SaveKey Parse(string s, IFormatProvider? provider) => TryParse(s, provider, out var key) ? key : throw new FormatException();

    public static bool TryParse([NotNullWhen(true)] string? s, IFormatProvider? provider, [MaybeNullWhen(false)] out SaveKey result)
    {
        result = Holds(s) ? new(s!) : null;
        return result is not null;
    }
}
