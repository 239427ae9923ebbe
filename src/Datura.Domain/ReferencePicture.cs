using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A picture to paint after: an own drawing, a photo, a print. It stays in the studio.</summary>
/// <param name="Picture">PNG, JPEG or WebP; base64 in a file.</param>
public sealed record ReferencePicture(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: MaxLength(ReferencePicture.MostBytes)] byte[] Picture)
{
    /// <summary>A picture of <see cref="MostSide"/> pixels has a third of it.</summary>
    public const int MostBytes = 900_000;

    /// <summary>Pixels of the longer side; more is not seen beside a bust.</summary>
    public const int MostSide = 1400;

    /// <summary>Where it comes from, and what to look at.</summary>
    [StringLength(Limits.LongestNotes)]
    public string Notes { get; init => field = value ?? ""; } = "";
}
