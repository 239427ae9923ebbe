using System.Security.Claims;
using Datura.Store.Accounts;

namespace Datura.Web.Accounts;

/// <summary>Who asks, in which studio, as what.</summary>
/// <param name="Account">Null for the demo and for guests.</param>
/// <param name="Session">By which the session is ended; null for the demo.</param>
/// <param name="Guest">The link by which a guest came.</param>
public sealed record Caller(string? Studio, Role? Role, Guid? Account, string? Name, Guid? Session, Guid? Guest)
{
    private const string StudioClaim = "datura:studio";
    private const string RoleClaim = "datura:role";
    private const string SessionClaim = "datura:session";
    private const string NameClaim = "datura:name";

    /// <summary>Carried by the ticket of a guest's session.</summary>
    public const string GuestClaim = "datura:guest";

    /// <summary>How whoever tries the demo is known to the framework.</summary>
    public const string DemoScheme = "demo";

    /// <summary>Whether the demo signed in by itself.</summary>
    public bool Demo => Role is not null && Session is null;

    /// <summary>Whose turn it counts as when computations wait.</summary>
    public string? Turn => (Account ?? Guest)?.ToString();

    public static Caller Of(ClaimsPrincipal user)
    {
        string? Said(string claim) => user.Identities.Where(i => i.IsAuthenticated).SelectMany(i => i.FindAll(claim)).LastOrDefault()?.Value;
        Guid? Id(string claim) => Guid.TryParse(Said(claim), out var id) ? id : null;
        return new(Said(StudioClaim), Said(RoleClaim) is { } role ? Roles.Read(role) : null, Id(ClaimTypes.NameIdentifier), Said(NameClaim), Id(SessionClaim), Id(GuestClaim));
    }

    /// <summary>What the database says of a session just now, beside what its ticket said when it began.</summary>
    public static ClaimsIdentity Identity(OpenSession session) => new(Claims(session), "session");

    public static ClaimsPrincipal DemoOwner(string studio) => new(new ClaimsIdentity([new(StudioClaim, studio), new(RoleClaim, Roles.Write(Store.Accounts.Role.Owner))], DemoScheme));

    private static IEnumerable<Claim> Claims(OpenSession session)
    {
        yield return new(SessionClaim, session.Handle.ToString());
        if (session.Name is { } name)
        {
            yield return new(NameClaim, name);
        }

        if (session.StudioId is { } studio && session.Role is { } role)
        {
            yield return new(StudioClaim, studio);
            yield return new(RoleClaim, Roles.Write(role));
        }
    }
}
