using Datura.Core;

namespace Datura.Documents;

/// <summary>Every kind of document that a studio keeps. The store, the service, files and their schemas follow from this list.</summary>
public static class DocumentTypes
{
    public static DocumentType<Kit> Kit { get; } = new("kit", "kits", k => k.Name, DocumentCheck.Check, (k, id) => k with { Id = id });

    public static DocumentType<Setting> Setting { get; } = new("setting", "settings", s => s.Name, DocumentCheck.Check, (s, id) => s with { Id = id });

    public static DocumentType<Face> Face { get; } = new("face", "faces", f => f.Name, DocumentCheck.Check, (f, id) => f with { Id = id })
    {
        AboutAPerson = true,
    };

    public static DocumentType<Look> Look { get; } = new("look", "looks", l => l.Name, DocumentCheck.Check, schema: Text("look-1.schema.json"),
        renamed: Renamed);

    public static DocumentType<Character> Character { get; } = new("character", "characters", c => c.Name, Datura.Core.Characters.CharacterCheck.Check, renamed: Renamed);

    /// <summary>A picture to paint after. It may show a person.</summary>
    public static DocumentType<ReferencePicture> Reference { get; } = new("reference", "references", r => r.Name, ReferenceCheck.Check)
    {
        AboutAPerson = true,
    };

    /// <summary>The grammar of an idea.</summary>
    public static DocumentType<Idea> Idea { get; } = new("idea", "ideas", i => i.Name, Datura.Core.Briefs.IdeaCheck.Check);

    public static DocumentType<Case> Case { get; } = new("case", "cases", c => c.Name, Datura.Core.Supply.CaseCheck.Check, renamed: Renamed);

    /// <summary>A day at a booth.</summary>
    public static DocumentType<BoothDay> Day { get; } = new("day", "days", d => d.Name, Datura.Core.Days.DayCheck.Check, renamed: Renamed);

    /// <summary>The same faces evening after evening.</summary>
    public static DocumentType<Production> Production { get; } = new("production", "productions", p => p.Name, Datura.Core.Calls.ProductionCheck.Check, renamed: Renamed)
    {
        AboutAPerson = true,
    };

    /// <summary>What a painter practised.</summary>
    public static DocumentType<DrillBook> Drills { get; } = new("drillbook", "drills", b => b.Name, Datura.Core.Drills.DrillBookCheck.Check, renamed: Renamed)
    {
        AboutAPerson = true,
    };

    /// <summary>An entry of the book. It tells when a person was painted, and how the skin took it.</summary>
    public static DocumentType<Painting> Painting { get; } = new("painting", "paintings", p => p.Name, Datura.Core.After.PaintingCheck.Check, renamed: Renamed)
    {
        AboutAPerson = true,
    };

    /// <summary>In the order in which they refer to each other.</summary>
    public static IReadOnlyList<DocumentType> All { get; } = [Kit, Setting, Face, Reference, Idea, Look, Character, Case, Day, Production, Painting, Drills];

    private static Look Renamed(Look look, IReadOnlyDictionary<(string Kind, string Id), string> ids) => look with
    {
        Kit = look.Kit is { } kit ? Now(ids, "kit", kit) : null,
        References = [.. look.References.Select(r => r with { Reference = Now(ids, "reference", r.Reference) })],
    };

    private static Character Renamed(Character character, IReadOnlyDictionary<(string Kind, string Id), string> ids) => character with
    {
        Wearers = [.. character.Wearers.Select(w => new Wearer(Now(ids, "face", w.Face), Now(ids, "look", w.Look)))],
        References = [.. character.References.Select(r => Now(ids, "reference", r))],
    };

    private static Case Renamed(Case packed, IReadOnlyDictionary<(string Kind, string Id), string> ids) => packed with
    {
        Kit = Now(ids, "kit", packed.Kit),
        Setting = Now(ids, "setting", packed.Setting),
        Lines = [.. packed.Lines.Select(l => l with { Look = Now(ids, "look", l.Look), Face = l.Face is { } face ? Now(ids, "face", face) : null })],
    };

    private static BoothDay Renamed(BoothDay day, IReadOnlyDictionary<(string Kind, string Id), string> ids) => day with
    {
        Kit = Now(ids, "kit", day.Kit),
        Setting = Now(ids, "setting", day.Setting),
        Menu = [.. day.Menu.Select(l => l with { Look = Now(ids, "look", l.Look) })],
    };

    private static Production Renamed(Production production, IReadOnlyDictionary<(string Kind, string Id), string> ids) => production with
    {
        Kit = Now(ids, "kit", production.Kit),
        Setting = Now(ids, "setting", production.Setting),
        Wearers = [.. production.Wearers.Select(w => w with { Look = Now(ids, "look", w.Look), Face = w.Face is { } face ? Now(ids, "face", face) : null })],
        Painters = [.. production.Painters.Select(p => p with { Looks = [.. p.Looks.Select(l => Now(ids, "look", l))] })],
        Performances = [.. production.Performances.Select(p => p with { Understudies = [.. p.Understudies.Select(u => u with { Face = u.Face is { } face ? Now(ids, "face", face) : null })] })],
    };

    private static DrillBook Renamed(DrillBook book, IReadOnlyDictionary<(string Kind, string Id), string> ids) => book with
    {
        // A part is practised as look/part.
        Tries = [.. book.Tries.Select(t => t.Exercise.IndexOf('/', StringComparison.Ordinal) is var cut and > 0 ? t with { Exercise = Now(ids, "look", t.Exercise[..cut]) + t.Exercise[cut..] } : t)],
    };

    private static Painting Renamed(Painting painting, IReadOnlyDictionary<(string Kind, string Id), string> ids) => painting with
    {
        Look = Now(ids, "look", painting.Look),
        Face = painting.Face is { } face ? Now(ids, "face", face) : null,
        Kit = painting.Kit is { } kit ? Now(ids, "kit", kit) : null,
        Setting = painting.Setting is { } setting ? Now(ids, "setting", setting) : null,
    };

    private static string Now(IReadOnlyDictionary<(string Kind, string Id), string> ids, string kind, string id) => ids.TryGetValue((kind, id), out var now) ? now : id;

    private static string Text(string name)
    {
        using var stream = typeof(DocumentTypes).Assembly.GetManifestResourceStream(name)!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }
}
