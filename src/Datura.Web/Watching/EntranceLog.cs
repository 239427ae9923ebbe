using Microsoft.AspNetCore.Diagnostics;

namespace Datura.Web.Watching;

/// <summary>Who got in, who left and who was turned away; ids and routes alone, nothing that anybody typed.</summary>
internal sealed partial class EntranceLog(ILogger<EntranceLog> log)
{
    /// <param name="account">Null for a guest.</param>
    public void SignedIn(Guid? account, Guid? guestLink) => LogSignedIn(log, account, guestLink);

    public void SessionEnded() => LogSessionEnded(log);

    public void TurnedAway(HttpContext context, string code, Guid? account) => LogTurnedAway(log, code, context.Request.Method, RouteOf(context), account);

    /// <summary>The address as it is declared, without what anybody wrote into it.</summary>
    public static string RouteOf(HttpContext context) => ((context.Features.Get<IExceptionHandlerFeature>()?.Endpoint ?? context.GetEndpoint()) as RouteEndpoint)?.RoutePattern.RawText ?? "an unknown address";

    [LoggerMessage(LogLevel.Information, "Signed in: account {Account}, guest's link {GuestLink}")]
    private static partial void LogSignedIn(ILogger log, Guid? account, Guid? guestLink);

    [LoggerMessage(LogLevel.Information, "A session was ended")]
    private static partial void LogSessionEnded(ILogger log);

    [LoggerMessage(LogLevel.Information, "Turned away ({Code}): {Method} {Route}, account {Account}")]
    private static partial void LogTurnedAway(ILogger log, string code, string method, string route, Guid? account);
}
