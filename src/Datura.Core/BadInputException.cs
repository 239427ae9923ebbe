namespace Datura.Core;

/// <summary>A value that Datura was given cannot be.</summary>
/// <param name="where">Which one, as a path of field names.</param>
public sealed class BadInputException(string where, string sentence) : Exception(sentence)
{
    public string Field => where;
}
