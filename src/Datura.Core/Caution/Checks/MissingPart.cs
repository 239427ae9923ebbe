using Datura.Core.Shapes;

namespace Datura.Core.Caution.Checks;

/// <summary>A part that such a character usually has and this one does not; each kind says what it usually comes with.</summary>
public static class MissingPart
{
    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var kinds = look.Parts.Select(p => p.Kind.Id).ToHashSet();
        return look.Parts.Select(p => p.Kind).Distinct().Select(k => k.UsuallyWith).OfType<Companion>()
            .Where(c => c.With.All(kinds.Contains) && !c.AnyOf.Any(kinds.Contains))
            .Select(c => new CautionNote(c.Missed, Severity.Note) { At = look.Body.At(c.Landmark) });
    }
}
