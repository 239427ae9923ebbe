using Microsoft.AspNetCore.Authorization;

namespace Datura.Web.Accounts;

/// <summary>Whoever asks must have the role that the route needs: holds for every route that is not open to all.</summary>
internal sealed class RoleRequirement : AuthorizationHandler<RoleRequirement>, IAuthorizationRequirement
{
    protected override Task HandleRequirementAsync(AuthorizationHandlerContext context, RoleRequirement requirement)
    {
        if (context.Resource is HttpContext http && Caller.Of(context.User).Role is { } role && Serves(Needs.Of(http), role))
        {
            context.Succeed(requirement);
        }

        return Task.CompletedTask;
    }

    private static bool Serves(Store.Accounts.Role needed, Store.Accounts.Role has) =>
        needed == Store.Accounts.Role.Guest ? has == Store.Accounts.Role.Guest : has >= needed;
}
