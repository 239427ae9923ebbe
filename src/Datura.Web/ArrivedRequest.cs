namespace Datura.Web;

/// <summary>What holds for every request whose values could be read, before it waits for anything.</summary>
internal static class ArrivedRequest
{
    private static readonly object Mark = new();

    /// <summary>All routes of the service: bodies with holes or control characters in them are refused before they take a place in a queue.</summary>
    public static RouteGroupBuilder MapArrivals(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("");
        group.AddEndpointFilter(async (context, next) =>
        {
            context.HttpContext.Items[Mark] = true;
            foreach (var body in context.Arguments.Where(IsRecord))
            {
                SoundBody.Check(body!);
            }

            return await next(context);
        });
        return group;
    }

    /// <summary>Whether the values of a request were read: what goes wrong after that is not for want of a readable request.</summary>
    public static bool Arrived(this HttpContext context) => context.Items.ContainsKey(Mark);

    // What comes in is a record, what serves is none; records have a method that clones them.
    private static bool IsRecord(object? argument) => argument?.GetType().GetMethod("<Clone>$") is not null;
}
