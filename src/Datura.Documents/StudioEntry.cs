namespace Datura.Documents;

/// <summary>One document of a studio's file.</summary>
/// <param name="Id">As the studio keeps it; the file's name in the archive.</param>
/// <param name="Text">The document's own file.</param>
public sealed record StudioEntry(DocumentType Type, string Id, string Text);
