namespace Datura.Web;

public sealed record NamedVersion(string Label, int? Index);
