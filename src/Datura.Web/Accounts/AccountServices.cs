using Datura.Store.Accounts;
using Datura.Web.Watching;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.DataProtection.KeyManagement;
using Microsoft.AspNetCore.Identity;

namespace Datura.Web.Accounts;

/// <summary>Who may do what: accounts, sessions, roles and what protects them.</summary>
internal static class AccountServices
{
    /// <summary>The header by which the page shows that a change is its own (the framework's antiforgery).</summary>
    public const string PageHeader = "Datura-Page";

    public static void AddAccounts(this IServiceCollection services)
    {
        services.AddSingleton<AccountStore>().AddSingleton<MemberStore>().AddSingleton<SessionStore>().AddSingleton<KeyRing>().AddSingleton<MailDrop>().AddSingleton<EntranceLog>();
        services.AddHttpContextAccessor();
        services.AddScoped(s => Caller.Of(s.GetRequiredService<IHttpContextAccessor>().HttpContext?.User ?? new()));
        services.AddScoped<SignIn>();

        services.AddAuthentication(IdentityConstants.ApplicationScheme).AddIdentityCookies();
        services.AddIdentityCore<Account>(options =>
        {
            options.User.RequireUniqueEmail = false;
            options.User.AllowedUserNameCharacters = "";
            options.Password.RequiredLength = PasswordRule.Least;
            options.Password.RequireDigit = options.Password.RequireLowercase = options.Password.RequireUppercase = options.Password.RequireNonAlphanumeric = false;
            options.Lockout.MaxFailedAccessAttempts = 5;
            options.Lockout.DefaultLockoutTimeSpan = TimeSpan.FromMinutes(5);
        }).AddUserStore<IdentityAccounts>().AddPasswordValidator<PasswordRule>().AddUserValidator<AccountRule>().AddSignInManager()
            .AddTokenProvider<DataProtectorTokenProvider<Account>>(TokenOptions.DefaultProvider).AddTokenProvider<AuthenticatorCodes>(TokenOptions.DefaultAuthenticatorProvider);
        services.Configure<PasswordHasherOptions>(options => options.IterationCount = Secret.SlowRounds);

        services.AddOptions<CookieAuthenticationOptions>(IdentityConstants.ApplicationScheme).Configure<SessionStore, EntranceLog>((options, sessions, log) =>
        {
            options.SessionStore = new SessionTickets(sessions, log);
            options.ExpireTimeSpan = SessionStore.Longest;
            options.SlidingExpiration = false;
            // A session is ended in the database, and its role is read there with every request.
            options.Events.OnValidatePrincipal = _ => Task.CompletedTask;
        });
        foreach (var (scheme, name) in new[] { (IdentityConstants.ApplicationScheme, "datura"), (IdentityConstants.TwoFactorUserIdScheme, "datura-second") })
        {
            services.Configure<CookieAuthenticationOptions>(scheme, options =>
            {
                Harden(options.Cookie, name);
                options.CookieManager = new HostCookies();
            });
        }

        services.AddAntiforgery(options =>
        {
            options.HeaderName = PageHeader;
            options.SuppressReadingTokenFromFormBody = true;
            Harden(options.Cookie, "datura-page");
        });
        services.AddSingleton<IAuthorizationHandler, RoleRequirement>();
        services.AddSingleton<IAuthorizationMiddlewareResultHandler, NotLetIn>();
        services.AddAuthorizationBuilder().SetFallbackPolicy(new AuthorizationPolicyBuilder().AddRequirements(new RoleRequirement()).Build());
    }

    /// <summary>What one copy of the service seals, every other one opens.</summary>
    public static void AddSharedKeys(this IServiceCollection services)
    {
        services.AddDataProtection().SetApplicationName("Datura");
        services.AddOptions<KeyManagementOptions>().Configure<KeyRing, IConfiguration>((options, ring, configuration) =>
        {
            options.XmlRepository = new DatabaseKeys(ring);
            options.XmlEncryptor = configuration[KeyFile.Setting] is { Length: > 0 } path ? new KeyFile(path) : null;
        });
    }

    /// <summary>Who asks, whether the page that asks is ours, and whether they may.</summary>
    public static void UseAccounts(this WebApplication app)
    {
        app.UseAuthentication();
        app.UseDemoSignIn();
        app.Use(async (context, next) =>
        {
            // Only a cookie is sent by a browser without the page's doing.
            if (Caller.Of(context.User).Session is not null && !IsSafe(context.Request.Method)
                && !await context.RequestServices.GetRequiredService<IAntiforgery>().IsRequestValidAsync(context))
            {
                await ProblemHandler.Refuse(context, 403, "Page out of date", ProblemCode.PageOutOfDate);
                return;
            }

            await next(context);
        });
        app.UseAuthorization();
    }

    private static bool IsSafe(string method) => HttpMethods.IsGet(method) || HttpMethods.IsHead(method) || HttpMethods.IsOptions(method) || HttpMethods.IsTrace(method);

    private static void Harden(CookieBuilder cookie, string name)
    {
        cookie.Name = name;
        cookie.HttpOnly = true;
        cookie.SameSite = SameSiteMode.Strict;
        cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
        cookie.Path = "/";
    }
}
