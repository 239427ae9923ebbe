using Datura.Core.Wording;

namespace Datura.Core.Caution.Checks;

/// <summary>A part that such a character usually has and this one does not.</summary>
public static class MissingPart
{
    private sealed record Custom(string[] With, string[] Missing, string Landmark, CautionCode Code);

    private static readonly Custom[] Table =
    [
        new(["socket", "toothRow"], ["noseCavity", "nosePad", "muzzle", "beak"], "pronasale", CautionCode.SkullWithoutNose),
        new(["socket", "stretchedMouth"], ["noseCavity", "nosePad", "muzzle", "beak"], "pronasale", CautionCode.MouthWithoutNose),
        new(["muzzle"], ["nosePad"], "pronasale", CautionCode.MuzzleWithoutPad),
        new(["whiskers"], ["whiskerDots"], "subnasale", CautionCode.WhiskersWithoutDots),
        new(["beak"], ["featherRows", "furStrokes"], "cheekbone_left", CautionCode.BeakOnBareSkin),
        new(["gourdRibs"], ["glowingOpening"], "glabella", CautionCode.RibsWithoutGlow),
        new(["fangs"], ["lipOutline", "toothRow", "bigMouth", "stretchedMouth"], "mouth_line", CautionCode.FangsWithoutMouth),
        new(["bolts"], ["stitches", "crackCluster"], "tragion_left", CautionCode.BoltsHoldNothing),
        new(["ribs"], ["collarBones"], "suprasternale", CautionCode.RibsWithoutCollarBones),
    ];

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var kinds = look.Parts.Select(p => p.Kind.Id).ToHashSet();
        return Table.Where(t => t.With.All(kinds.Contains) && !t.Missing.Any(kinds.Contains))
            .Select(t => new CautionNote(t.Code, Severity.Note) { At = look.Body.Landmark(t.Landmark) });
    }
}
