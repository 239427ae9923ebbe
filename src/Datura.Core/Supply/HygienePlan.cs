namespace Datura.Core.Supply;

/// <summary>What keeps an evening clean: what is done between two faces, and how many brushes that takes.</summary>
/// <param name="Between">Done after every face, in order.</param>
/// <param name="BetweenMinutes">All of it.</param>
/// <param name="EveningMinutes">Of one evening with all faces and what lies between them.</param>
/// <param name="FacesPerHour">So many in the long run; 0 for none.</param>
/// <param name="Rules">What holds whatever is painted.</param>
public sealed record HygienePlan(
    IReadOnlyList<HygieneTask> Between, double BetweenMinutes, double EveningMinutes, double FacesPerHour, IReadOnlyList<ToolCycle> Tools, IReadOnlyList<string> Rules)
{
    // Minutes of hand work, all from memory and by judgement, unverified; rubbing hands takes 20 to 30 s, washing them 40 to 60 s (WHO Guidelines
    // on Hand Hygiene in Health Care, 2009; from memory). The product's label says how long it stays wet.
    private const double BagMinutes = 0.15;
    private const double WipeMinutes = 0.1;
    private const double AlcoholMinutes = 0.2;
    private const double LayAsideMinutes = 0.05;
    private const double PotsMinutes = 0.3;
    private const double TableMinutes = 0.4;
    private const double HandsMinutes = 0.5;
    private const double WaterMinutes = 1;
    private const double FacesPerWater = 5;

    /// <summary>Wet for half a minute, then dry before it touches skin again, min.</summary>
    public const double AlcoholDryMinutes = 5.5;

    /// <param name="lines">What one face of each line takes, and how many there are of it in one evening.</param>
    public static HygienePlan Of(Case packed, IReadOnlyList<(int Faces, FaceSupply Each)> lines)
    {
        HygieneTask[] between = [.. Tasks(packed, lines)];
        var pause = between.Sum(t => t.Minutes);
        var turns = FaceTurn.Of(lines, pause);
        var evening = turns.Count == 0 ? 0 : turns[^1].ToMinutes + pause;
        return new(between, pause, evening, evening > 0 ? 60 * turns.Count / evening : 0, [.. Cycles(packed, lines, turns, pause)],
            [.. new[] { RemarkCode.CreamBySpatula, RemarkCode.BrokenSkinThrowAway, RemarkCode.WashAfterwards, RemarkCode.TwoWaters }.Select(r => Remark.Of(r).Sentence)]);
    }

    private static IEnumerable<HygieneTask> Tasks(Case packed, IReadOnlyList<(int Faces, FaceSupply Each)> lines)
    {
        var faces = lines.Sum(l => l.Faces);
        if (faces == 0)
        {
            yield break;
        }

        double Mean(Func<ToolUse, double> of) => lines.Sum(l => l.Faces * l.Each.Tools.Sum(of)) / faces;
        var (fresh, brushes) = (Mean(t => t.EachTime > 0 ? 1 : 0), Mean(IsBrush));
        if (fresh > 0)
        {
            yield return new("Used sponges and puffs into the bag", BagMinutes);
        }

        if (brushes > 0)
        {
            yield return packed.Brushes switch
            {
                BrushSchool.Wiped => new("Brushes rinsed and wiped dry", brushes * WipeMinutes),
                BrushSchool.AlcoholBetween => new("Brushes rinsed, wiped, wetted with alcohol of 70 % and laid out to dry", brushes * AlcoholMinutes),
                _ => new("Brushes laid aside, a washed set taken out", brushes * LayAsideMinutes),
            };
        }

        yield return new("Pots wiped and misted with alcohol of 70 %, left open to dry", PotsMinutes);
        yield return new("Water changed when it is no longer clear", WaterMinutes / FacesPerWater);
        yield return new("Table, chair and mirror wiped", TableMinutes);
        yield return new("Hands rubbed, or washed and dried", HandsMinutes);
    }

    private static IEnumerable<ToolCycle> Cycles(Case packed, IReadOnlyList<(int Faces, FaceSupply Each)> lines, IReadOnlyList<FaceTurn> turns, double pause)
    {
        // A wiped brush is there again when the next face sits down; one of a set only the next evening.
        double? dries = packed.Brushes switch { BrushSchool.Wiped => 0, BrushSchool.AlcoholBetween => AlcoholDryMinutes, _ => null };
        return lines.SelectMany(l => l.Each.Tools).Where(t => IsBrush(t) > 0).DistinctBy(t => t.Tool).Select(tool => ToolCycle.Of(tool.Tool, tool.Name,
            turns.Select((turn, k) => (Turn: turn, Face: k + 1)).Where(f => lines[f.Turn.Line].Each.Tools.Any(t => t.Tool == tool.Tool))
                .Select(f => (f.Face, f.Turn.FromMinutes, dries is { } minutes ? f.Turn.ToMinutes + Math.Max(minutes, pause) : (double?)null))));
    }

    private static double IsBrush(ToolUse tool) => tool.AtOnce > 0 && tool.Form is not (ToolForm.Finger or ToolForm.Pencil or ToolForm.Card or ToolForm.Mesh) ? 1 : 0;
}
