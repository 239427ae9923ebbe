namespace Datura.Web;

/// <summary>
/// Names a save, so that one whose answer was lost can be sent again and is then the same save (the header Idempotency-Key of the
/// IETF's HTTPAPI group's draft of that name).
/// </summary>
public static class SaveKey
{
    /// <summary>The header that carries it.</summary>
    public const string Header = "Idempotency-Key";

    /// <param name="key">8 to 80 letters, digits and dashes, a random one for each save; null for one that is never sent again.</param>
    /// <exception cref="InputException">It is none.</exception>
    public static string? Checked(string? key) =>
        key is null || key is { Length: >= 8 and <= 80 } && key.All(c => char.IsAsciiLetterOrDigit(c) || c == '-') ? key : throw new InputException(Header, ProblemCode.SaveKey);
}
