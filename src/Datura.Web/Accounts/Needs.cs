using Datura.Store.Accounts;

namespace Datura.Web.Accounts;

/// <summary>The least role that a route serves. What says nothing is read by helpers and changed by painters.</summary>
internal sealed record Needs(Role Role)
{
    public static Role Of(HttpContext context) => context.GetEndpoint()?.Metadata.GetMetadata<Needs>()?.Role
        ?? (HttpMethods.IsGet(context.Request.Method) || HttpMethods.IsHead(context.Request.Method) ? Role.Helper : Role.Painter);
}
