
namespace Datura.Web;

/// <summary>The one look that a guest sees.</summary>
/// <param name="Minutes">How long it is likely to take to paint.</param>
public sealed record GuestLook(string Look, string Face, double Minutes, IReadOnlyList<string> Steps, IReadOnlyList<string> Cautions);
