using Datura.Store.Accounts;
using Datura.Web.Guard;

namespace Datura.Web.Accounts;

/// <summary>
/// The demo opens without a password: on this computer alone, where ./run said so (DATURA_DEMO=yes), and only until somebody has an account.
/// </summary>
internal static class DemoSignIn
{
    public const string Setting = "DATURA_DEMO";

    public static void UseDemoSignIn(this WebApplication app)
    {
        if (app.Configuration[Setting] != "yes" || app.Configuration[Addresses.Hosts] is { Length: > 0 })
        {
            return;
        }

        app.Use(async (context, next) =>
        {
            // What a session could not be found for has one identity that is not signed in.
            if (context.User.Identity?.IsAuthenticated != true && Addresses.IsHere(context.Request) && !context.Request.Path.StartsWithSegments("/health", StringComparison.Ordinal)
                && !await context.RequestServices.GetRequiredService<AccountStore>().AnyAsync(context.RequestAborted))
            {
                context.User = Caller.DemoOwner(Studio.Own);
            }

            await next(context);
        });
    }
}
