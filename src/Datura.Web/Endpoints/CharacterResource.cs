namespace Datura.Web;

/// <summary>A character with its id and revision.</summary>
public sealed record CharacterResource(string Id, int Revision, Character Character);
