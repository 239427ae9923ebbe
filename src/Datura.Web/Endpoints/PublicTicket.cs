using Datura.Core.Days.Live;

namespace Datura.Web;

/// <summary>One who waits, as everybody may see it.</summary>
/// <param name="Wait">From now; null where nobody will paint it.</param>
public sealed record PublicTicket(int Number, string Look, LiveWait? Wait);
