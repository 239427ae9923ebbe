namespace Datura.Domain;

/// <summary>What can happen, and what to do instead: as data. The sentence is made from it and never read back.</summary>
public sealed record CautionNote(CautionCode Code, Severity Severity)
{
    /// <summary>The parts it concerns; none for the whole work.</summary>
    public IReadOnlyList<NamedPart> Parts { get; init; } = [];

    /// <summary>The coat it concerns; null for every coat of its parts.</summary>
    public string? Role { get; init; }

    /// <summary>The paint it concerns, by id; null for any.</summary>
    public string? Paint { get; init; }

    /// <summary>The zone it concerns.</summary>
    public string? Zone { get; init; }

    /// <summary>What is counted or measured, in the unit of the sentence.</summary>
    public IReadOnlyDictionary<string, double> Numbers { get; init; } = new Dictionary<string, double>();

    /// <summary>Names that the sentence takes up: of paints, measures, settings.</summary>
    public IReadOnlyDictionary<string, string> Names { get; init; } = new Dictionary<string, string>();

    /// <summary>Steps of which any one would help; a plan that has it says nothing.</summary>
    public IReadOnlyList<Remedy> Remedies { get; init; } = [];

    /// <summary>Where on the chart it shows; null when it is nowhere in particular.</summary>
    public ChartPoint? At { get; init; }

    /// <summary>Why the painter passed this stop; null when she did not, or it is none.</summary>
    public string? Passed { get; init; }

    /// <summary>Where it is put right: on the skin, or in what it comes from.</summary>
    public CautionPlace Place => Parts.Count > 0 || At is not null ? CautionPlace.Skin : Code switch
    {
        CautionCode.SensitiveSkin or CautionCode.Lenses or CautionCode.Glasses or CautionCode.Beard or CautionCode.Child or CautionCode.MeasureRare => CautionPlace.Face,
        CautionCode.BrokenSkin or CautionCode.Sunburnt or CautionCode.ColdSore or CautionCode.Infection or CautionCode.Asthma or CautionCode.UnderThree or CautionCode.NoConsent
            or CautionCode.OutOfPatience => CautionPlace.Card,
        CautionCode.NoPencil => CautionPlace.Kit,
        CautionCode.OverSlot or CautionCode.SlotNotSure or CautionCode.LongWear or CautionCode.NoMirror
            or CautionCode.LampFromBelow or CautionCode.LampFromTop or CautionCode.LampFromSide or CautionCode.LightIsFlat => CautionPlace.Setting,
        _ => CautionPlace.Look,
    };

    public string Sentence
    {
        get
        {
            var values = new Dictionary<string, object>();
            if (Parts.Count > 0)
            {
                values["parts"] = (string[])[.. Parts.Select(p => p.Label).Distinct()];
            }

            if (Zone is not null)
            {
                values["zone"] = Zone;
            }

            foreach (var (name, number) in Numbers)
            {
                values[name] = number;
            }

            foreach (var (name, word) in Names)
            {
                values[name] = word;
            }

            return Catalogue.Of(Code).Filled(values);
        }
    }

    /// <summary>
    /// The same said of many parts is said once, with all of them and the greatest of each number. What is said of the whole, such as of
    /// one tone and of another, or lies between two parts stays a case of its own. The gravest first; a stop that was passed weighs as a warning.
    /// </summary>
    public static IReadOnlyList<CautionNote> Together(IEnumerable<CautionNote> notes) =>
    [
        .. notes.GroupBy(n => (n.Code, n.Severity, n.Role, n.Paint, n.Zone, n.Passed, Names: Listed(n.Names), Own: n.Parts.Count == 1 ? ""
            : $"{string.Join('\n', n.Parts.Select(p => p.Id))}\n{Listed(n.Numbers)}"))
            .Select(g => g.First() with
            {
                Parts = [.. g.SelectMany(n => n.Parts).Distinct()],
                Numbers = g.SelectMany(n => n.Numbers).GroupBy(n => n.Key).ToDictionary(n => n.Key, n => n.Max(v => v.Value)),
                Remedies = [.. g.SelectMany(n => n.Remedies).Distinct()],
                At = g.Select(n => n.At).FirstOrDefault(at => at is not null),
            })
            // Two parts or coats may bear one name: what is said of both is said once.
            .GroupBy(n => (n.Sentence, n.Severity, n.Passed)).Select(g => g.Count() == 1 ? g.First() : g.First() with
            {
                Parts = [.. g.SelectMany(n => n.Parts).Distinct()],
                Role = null,
                Remedies = [.. g.SelectMany(n => n.Remedies).Distinct()],
            }).OrderByDescending(n => n.Passed is null ? n.Severity : Severity.Warning),
    ];

    private static string Listed<T>(IReadOnlyDictionary<string, T> values) =>
        string.Join('\n', values.OrderBy(v => v.Key, StringComparer.Ordinal).Select(v => FormattableString.Invariant($"{v.Key} {v.Value}")));
}
