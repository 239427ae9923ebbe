namespace Datura.Web;

/// <summary>What a look takes as usual and by somebody's own times.</summary>
public sealed record TimesChange(string Look, string Name, double UsualSeconds, double OwnSeconds);
