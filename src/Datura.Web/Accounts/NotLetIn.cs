using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Authorization.Policy;

namespace Datura.Web.Accounts;

/// <summary>Says why somebody was not let in, instead of leading to another page.</summary>
internal sealed class NotLetIn : IAuthorizationMiddlewareResultHandler
{
    public Task HandleAsync(RequestDelegate next, HttpContext context, AuthorizationPolicy policy, PolicyAuthorizationResult authorizeResult)
    {
        if (authorizeResult.Succeeded)
        {
            return next(context);
        }

        return Caller.Of(context.User).Role is null
            ? ProblemHandler.Refuse(context, 401, "Not signed in", ProblemCode.NotSignedIn)
            : ProblemHandler.Refuse(context, 403, "Not for this role", ProblemCode.NotYourRole);
    }
}
