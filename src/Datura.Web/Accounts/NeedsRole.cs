using Datura.Store.Accounts;

namespace Datura.Web.Accounts;

/// <summary>Says of routes who may use them.</summary>
internal static class NeedsRole
{
    /// <summary>The least role that it serves. A guest's routes serve guests alone.</summary>
    public static TBuilder For<TBuilder>(this TBuilder endpoint, Role role)
        where TBuilder : IEndpointConventionBuilder => endpoint.WithMetadata(new Needs(role));
}
