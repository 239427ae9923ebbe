using Datura.Store.Accounts;

namespace Datura.Web;

/// <summary>Who is signed in here, and as what.</summary>
/// <param name="Role">Null when nobody is signed in.</param>
/// <param name="Studio">Null when nobody is signed in, or who is belongs to no studio any more.</param>
/// <param name="Demo">The demo signed in by itself.</param>
/// <param name="Studios">Every studio that the account belongs to.</param>
/// <param name="Page">Sent back with every change, in the header Datura-Page, so that no other page can send one.</param>
public sealed record SessionResource(string? Name, Role? Role, StudioResource? Studio, bool Demo, IReadOnlyList<StudioResource> Studios, string Page);
