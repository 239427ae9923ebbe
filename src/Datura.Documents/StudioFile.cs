using System.IO.Compression;
using System.Text;

namespace Datura.Documents;

/// <summary>
/// All documents of a studio in one file: a ZIP archive with a folder for each kind and in it the same files that are saved one by one,
/// for example looks/storm-cormorant.look.json. Any program can read and write it.
/// </summary>
public static class StudioFile
{
    /// <summary>More than a large troupe has.</summary>
    public const int MostDocuments = 5_000;

    /// <summary>All documents together, unpacked.</summary>
    public const int MostBytes = 64_000_000;

    public static byte[] Write(IEnumerable<StudioEntry> entries)
    {
        using var bytes = new MemoryStream();
        using (var archive = new ZipArchive(bytes, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var entry in entries)
            {
                using var file = archive.CreateEntry($"{entry.Type.Plural}/{entry.Id}{Ending(entry.Type)}", CompressionLevel.Optimal).Open();
                file.Write(Encoding.UTF8.GetBytes(entry.Text));
            }
        }

        return bytes.ToArray();
    }

    /// <summary>What of the archive is a document, in the order in which they refer to each other; other files in it are left alone.</summary>
    /// <exception cref="DocumentFileException">It is no archive, too large, or has no document in it.</exception>
    public static IReadOnlyList<StudioEntry> Read(byte[] bytes)
    {
        try
        {
            using var archive = new ZipArchive(new MemoryStream(bytes, writable: false), ZipArchiveMode.Read);
            if (archive.Entries.Count > MostDocuments)
            {
                throw new DocumentFileException(1, ProblemCode.StudioTooLarge, ("most", MostDocuments), ("bytes", MostBytes / 1e6));
            }

            var left = (long)MostBytes;
            StudioEntry[] found = [.. DocumentTypes.All.SelectMany(type => archive.Entries.Where(e => IsOf(type, e)).Select(e => new StudioEntry(type, IdOf(type, e), Text(e, ref left))))];
            return found.Length > 0 ? found : throw new DocumentFileException(1, ProblemCode.StudioEmpty);
        }
        catch (InvalidDataException)
        {
            throw new DocumentFileException(1, ProblemCode.StudioBroken);
        }
    }

    private static string Ending(DocumentType type) => $".{type.Name}.json";

    private static bool IsOf(DocumentType type, ZipArchiveEntry entry) =>
        entry.FullName.StartsWith($"{type.Plural}/", StringComparison.Ordinal) && entry.Name.EndsWith(Ending(type), StringComparison.Ordinal);

    private static string IdOf(DocumentType type, ZipArchiveEntry entry) => entry.Name[..^Ending(type).Length];

    // What an archive says of its sizes is not believed: only so much is unpacked.
    private static string Text(ZipArchiveEntry entry, ref long left)
    {
        using var packed = entry.Open();
        using var text = new MemoryStream();
        var piece = new byte[16_384];
        for (int read; (read = packed.Read(piece)) > 0;)
        {
            left -= read;
            if (left < 0 || text.Length > DocumentFile.MostBytes)
            {
                throw new DocumentFileException(1, ProblemCode.StudioTooLarge, ("most", MostDocuments), ("bytes", MostBytes / 1e6));
            }

            text.Write(piece, 0, read);
        }

        return Encoding.UTF8.GetString(text.ToArray());
    }
}
