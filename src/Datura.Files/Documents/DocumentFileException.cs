namespace Datura.Files.Documents;

/// <summary>A file that cannot be read: where, and what to do.</summary>
/// <param name="line">Line in the file, from 1.</param>
public sealed class DocumentFileException(int line, string reason) : Exception($"Line {line}: {reason}")
{
    public int Line => line;

    public string Reason => reason;
}
