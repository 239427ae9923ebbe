namespace Datura.Core.Caution.Checks;

/// <summary>A part that such a character usually has and this one does not.</summary>
public static class MissingPart
{
    private sealed record Custom(string[] With, string[] Missing, string Landmark, string Sentence);

    private static readonly Custom[] Table =
    [
        new(["socket", "toothRow"], ["noseCavity", "nosePad", "muzzle", "beak"], "pronasale", "Sockets and teeth, but no nose cavity: a skull without one looks like a mask. Add a nose cavity, or paint the nose dark."),
        new(["socket", "stretchedMouth"], ["noseCavity", "nosePad", "muzzle", "beak"], "pronasale", "Sockets and a stretched mouth, but no nose cavity. Add one, or paint the nose dark."),
        new(["muzzle"], ["nosePad"], "pronasale", "A muzzle without a nose pad. Add one, with its line to the lip."),
        new(["whiskers"], ["whiskerDots"], "subnasale", "Whiskers without whisker dots to spring from."),
        new(["beak"], ["featherRows", "furStrokes"], "cheekbone_left", "A beak on bare skin. Add feather rows, or fur strokes at its edge."),
        new(["gourdRibs"], ["glowingOpening"], "glabella", "Gourd ribs without openings that glow. Add glowing openings for eyes and mouth."),
        new(["fangs"], ["lipOutline", "toothRow", "bigMouth", "stretchedMouth"], "mouth_line", "Fangs without a mouth round them. Add a lip outline or a tooth row."),
        new(["bolts"], ["stitches", "crackCluster"], "tragion_left", "Bolts hold nothing together. Add stitches or cracks."),
        new(["ribs"], ["collarBones"], "suprasternale", "Ribs without collar bones above them."),
    ];

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var kinds = look.Parts.Select(p => p.Kind.Id).ToHashSet();
        return Table.Where(t => t.With.All(kinds.Contains) && !t.Missing.Any(kinds.Contains))
            .Select(t => new CautionNote(Severity.Note, t.Sentence, null, look.Body.Landmark(t.Landmark)));
    }
}
