using System.Security.Cryptography;

namespace Datura.Web;

/// <summary>A name as it stands in an address or a file's name.</summary>
internal static class Slug
{
    private const int Longest = 60;

    /// <summary>One that tells nothing: a hundred bits by chance, in letters that are not mistaken for each other.</summary>
    public static string OfNothing() => RandomNumberGenerator.GetString("abcdefghjkmnpqrstuvwxyz23456789", 20);

    public static string Of(string name)
    {
        var words = string.Concat(name.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-'));
        var slug = string.Join('-', words.Split('-', StringSplitOptions.RemoveEmptyEntries));
        return slug.Length == 0 ? "unnamed" : slug[..Math.Min(slug.Length, Longest)];
    }
}
