using Datura.Core.Caution;

namespace Datura.Web;

/// <summary>A wearer's card.</summary>
/// <param name="Revision">0 for one that was not kept yet.</param>
public sealed record CardOfFace(int Revision, WearerCard Card)
{
    /// <summary>Allergies that are known by no other name: they are looked for by these words alone.</summary>
    public IReadOnlyList<string> ByWordAlone => [.. Card.Allergies.Where(a => !Ingredients.Knows(a))];
}
