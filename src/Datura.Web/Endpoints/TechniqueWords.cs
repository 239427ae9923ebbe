namespace Datura.Web;

/// <param name="Forms">Tools that can do it.</param>
/// <param name="Waters">How wet water paint may be for it, the usual first.</param>
public sealed record TechniqueWords(Technique Technique, string Label, IReadOnlyList<ToolForm> Forms, IReadOnlyList<Water> Waters);
