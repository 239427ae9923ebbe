namespace Datura.Web;

/// <summary>A rule of order.</summary>
public sealed record RuleResource(string Id, string Words, bool Strict, bool Switchable, string Source);
