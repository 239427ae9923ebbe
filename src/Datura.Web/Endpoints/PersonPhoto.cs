namespace Datura.Web;

/// <summary>A photo of a person.</summary>
/// <param name="Session">Id of the entry of the book.</param>
/// <param name="Picture">WebP.</param>
public sealed record PersonPhoto(string Session, string Id, DateTime TakenAt, byte[] Picture);
