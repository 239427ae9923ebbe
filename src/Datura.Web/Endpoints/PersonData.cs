namespace Datura.Web;

/// <summary>Everything that is kept about a wearer.</summary>
/// <param name="Saves">Every save of the face, newest first.</param>
/// <param name="Links">Guests' links that show the face.</param>
/// <param name="Card">The wearer's card, while it is kept.</param>
/// <param name="Book">What the book tells of the person, with all that happened in the chair.</param>
/// <param name="Photos">Photos taken there.</param>
public sealed record PersonData(string Id, IReadOnlyList<SavedFace> Saves, IReadOnlyList<GuestLinkResource> Links, WearerCard? Card, IReadOnlyList<WholeSession> Book,
    IReadOnlyList<PersonPhoto> Photos);
