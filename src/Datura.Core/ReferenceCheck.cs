namespace Datura.Core;

/// <summary>Whether a reference picture, and how it is pinned, can be.</summary>
public static class ReferenceCheck
{
    /// <exception cref="InputException">It has no name, is too large, or no picture of a kind that is read.</exception>
    public static void Check(ReferencePicture? reference)
    {
        if (reference is null || !Limits.IsName(reference.Name))
        {
            throw new InputException("name", ProblemCode.ReferenceName, ("most", Limits.LongestName));
        }

        if (reference.Picture is null || KindOf(reference.Picture) is null)
        {
            throw new InputException("picture", ProblemCode.ReferenceNoPicture, ("name", reference.Name));
        }

        if (reference.Picture.Length > ReferencePicture.MostBytes)
        {
            throw new InputException("picture", ProblemCode.ReferenceTooLarge, ("most", ReferencePicture.MostBytes / 1000), ("side", ReferencePicture.MostSide));
        }
    }

    /// <summary>Media type by the first bytes of the file (PNG, 3rd edition, 5.2; ISO/IEC 10918-1, B.1.1.3; RFC 9649, 2.3); null for any other.</summary>
    public static string? KindOf(ReadOnlySpan<byte> picture) =>
        picture.Length > 8 && picture[0] == 0x89 && picture[1..].StartsWith("PNG\r\n\x1a\n"u8) ? "image/png"
        : picture.Length > 3 && picture[0] == 0xFF && picture[1] == 0xD8 && picture[2] == 0xFF ? "image/jpeg"
        : picture.Length > 12 && picture.StartsWith("RIFF"u8) && picture[8..].StartsWith("WEBP"u8) ? "image/webp"
        : null;

    public static bool CanBePinned(IReadOnlyList<PinnedReference> pins) =>
        pins.Count <= PinnedReference.Most && pins.All(p => p is not null && Limits.IsName(p.Reference)) && pins.DistinctBy(p => p.Reference).Count() == pins.Count
        && pins.All(p => Limits.Hold<PinnedReference>(nameof(p.SizePercent), p.SizePercent) && Limits.Hold<PinnedReference>(nameof(p.TurnDeg), p.TurnDeg));

    public static Problem Pins(string field) => Problem.Of(field, ProblemCode.LookReferences, ("most", PinnedReference.Most),
        ("least", Limits.Least<PinnedReference>(nameof(PinnedReference.SizePercent))), ("largest", Limits.Most<PinnedReference>(nameof(PinnedReference.SizePercent))));
}
