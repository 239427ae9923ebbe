using Datura.Web.Watching;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Authorization.Policy;

namespace Datura.Web.Accounts;

/// <summary>Says why somebody was not let in, instead of leading to another page.</summary>
internal sealed class NotLetIn(EntranceLog log) : IAuthorizationMiddlewareResultHandler
{
    public Task HandleAsync(RequestDelegate next, HttpContext context, AuthorizationPolicy policy, PolicyAuthorizationResult authorizeResult)
    {
        if (authorizeResult.Succeeded)
        {
            return next(context);
        }

        var caller = Caller.Of(context.User);
        log.TurnedAway(context, Catalogue.CodeOf(caller.Role is null ? ProblemCode.NotSignedIn : ProblemCode.NotYourRole), caller.Account);
        return caller.Role is null
            ? ProblemHandler.Refuse(context, 401, "Not signed in", ProblemCode.NotSignedIn)
            : ProblemHandler.Refuse(context, 403, "Not for this role", ProblemCode.NotYourRole);
    }
}
