namespace Datura.Core.Caution.Checks;

/// <summary>Figures that no paint is named for: they are drawn on no skin, and nobody would notice until the show.</summary>
public static class Unpainted
{
    public static IEnumerable<CautionNote> Of(CheckedLook look) =>
        from part in look.Parts
        where !part.Kind.IsReckoned
        from role in part.Kind.Roles
        where !part.Part.Paints.ContainsKey(role.Id) && !part.Part.Without.Contains(role.Id) && IsMissed(part, role) && part.Marks.Marks.Any(m => m.Role == role.Id)
        select new CautionNote(CautionCode.Unpainted, Severity.Note)
        {
            Parts = [new(part.Part.Id, part.Label)],
            Role = role.Id,
            Names = new Dictionary<string, string> { ["coat"] = role.Label.ToLowerInvariant() },
        };

    // What may be left out is; of her own drawing everything was meant.
    private static bool IsMissed(ExpandedPart part, CoatRole role) => !role.Optional || part.Part.Paints.Count == 0 || part.Part.Motif is not null;
}
