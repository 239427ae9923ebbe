using Datura.Core.Body;
using Datura.Core.Fit;
using Datura.Core.Form;
using Datura.Core.Shapes;

namespace Datura.Core.Briefs;

/// <summary>
/// Whole faces for a brief. Many are drawn by the grammar of the idea, each is planned and cut to its slot, and those are taken that
/// read best and differ most: a greedy search over sound drafts, repeatable by its seed. See docs/proposals.md.
/// </summary>
public static class Proposals
{
    /// <summary>So many are shown.</summary>
    public const int Usual = 6;

    /// <summary>Two proposals differ by at least this, ΔE00, as a mean over half of what the larger of them paints.</summary>
    public const double LeastApart = 3;

    // Beyond this a face is another face, and being still farther counts no more (by judgement).
    private const double FarApart = 24;
    private const double FarWeight = 0.06;

    private const int MostDrafts = 32;
    private const int LeastDrafts = 16;
    private const int Round = 8;

    // The best of so many is the first face, so that it can be shown before the others are drawn.
    private const int FirstOf = 4;

    // What is two values apart reads better than what is one (weights by judgement, looked at).
    private const double FarL = 45;
    private const double MostLean = 0.15;

    // Eyes and mouth this far apart in contrast (CIE76) leave no doubt which of them leads (by judgement).
    private const double LeadFar = 25;
    private const double LeadWeight = 0.25;

    /// <param name="ideas">All that are known.</param>
    /// <param name="count">How many are wanted.</param>
    /// <returns>The best first; fewer than asked for when the brief allows no more.</returns>
    public static IReadOnlyList<Proposal> Of(Brief brief, IReadOnlyList<Idea> ideas, Face face, FittedBody body, Kit kit, Setting setting, int count = Usual, CancellationToken cancel = default)
    {
        var wish = Wish.Of(brief, face, body, kit, setting);
        var grid = FormGrid.Of(body, FormGrid.CoarsePixels);
        var (sound, which) = (new List<FittedDraft>(), 0);
        while (which < MostDrafts && (which < LeastDrafts || Apart(sound, grid, count).Count < count))
        {
            sound.AddRange(Drawn(wish, ideas, which, Round, cancel));
            which += Round;
        }

        var titles = new HashSet<string>();
        return [.. Apart(sound, grid, count).Select(f => Told(f, Title(f), wish))];

        // What no other of them is called; where all is taken, with a number.
        string Title(FittedDraft f)
        {
            var free = f.Draft.Titles.FirstOrDefault(t => !titles.Contains(t)) ?? Enumerable.Range(2, count).Select(n => $"{f.Draft.Titles[0]}, {n}").First(t => !titles.Contains(t));
            titles.Add(free);
            return free;
        }
    }

    /// <summary>The first of the faces that <see cref="Of"/> gives, in a fraction of the time.</summary>
    /// <returns>Null when it takes more drafts to find one.</returns>
    public static Proposal? First(Brief brief, IReadOnlyList<Idea> ideas, Face face, FittedBody body, Kit kit, Setting setting, CancellationToken cancel = default)
    {
        var wish = Wish.Of(brief, face, body, kit, setting);
        return Best(Drawn(wish, ideas, 0, FirstOf, cancel)) is { } first ? Told(first, first.Draft.Titles[0], wish) : null;
    }

    private static FittedDraft[] Drawn(Wish wish, IReadOnlyList<Idea> ideas, int from, int count, CancellationToken cancel)
    {
        var found = IdeaSearch.Find(wish.Brief.Words, ideas);
        // A word for one idea means that one; no known word means any.
        var open = found.Count == ideas.Count;
        var bare = SeenFace.Of([], wish.Face.Skin, FormGrid.Of(wish.Body, FormGrid.CoarsePixels), null, wish.Setting.ViewingDistanceM);
        var drafts = Enumerable.Range(from, count).Select(n => Draft.Of(wish, open ? found[(wish.Brief.Seed + n) % found.Count] : found[0], n)).ToArray();
        return [.. drafts.AsParallel().AsOrdered().WithCancellation(cancel).Select(d => FittedDraft.Of(d, wish, bare, cancel)).OfType<FittedDraft>()];
    }

    private static FittedDraft? Best(IEnumerable<FittedDraft> of) => of.Where(f => f.Fits && f.Draft.Which < FirstOf).OrderByDescending(Merit).FirstOrDefault();

    // The best, then always the best of those far enough from all that are taken; one that does not fit only when none does.
    private static List<FittedDraft> Apart(IReadOnlyList<FittedDraft> sound, FormGrid grid, int count)
    {
        var (taken, left) = (new List<FittedDraft>(), sound.Where(s => s.Fits).DefaultIfEmpty(sound.OrderBy(s => s.Planned.Plan.Time.AtConfidenceSeconds).FirstOrDefault()).OfType<FittedDraft>()
            .OrderByDescending(Merit).ToList());
        if (Best(left) is { } first && count > 0)
        {
            taken.Add(first);
            left.Remove(first);
        }

        while (taken.Count < count)
        {
            // Of those far enough from all that are taken, the best; being farther counts too, or all six are sisters.
            if (left.Select(f => (Fitted: f, Off: taken.Count == 0 ? FarApart : taken.Min(t => ApartBy(f, t, grid)))).Where(f => f.Off >= LeastApart)
                .OrderByDescending(f => Merit(f.Fitted) + FarWeight * Math.Min(FarApart, f.Off)).Select(f => f.Fitted).FirstOrDefault() is not { } next)
            {
                break;
            }

            taken.Add(next);
            left.Remove(next);
        }

        return taken;
    }

    /// <summary>How far two faces are apart: mean ΔE00 over half of what the larger of them paints, since coats lie over each other.</summary>
    internal static double ApartBy(FittedDraft one, FittedDraft other, FormGrid grid) =>
        one.Seen.Difference(other.Seen, grid) / Math.Max(1, 100 * Math.Max(one.Planned.Plan.PaintedCm2, other.Planned.Plan.PaintedCm2) / 2);

    // Values apart, all three of them there, even unless meant otherwise, a colour that comes back.
    private static double Merit(FittedDraft f)
    {
        var values = Math.Min(1, f.Read.SpreadL / FarL) + Math.Min(0.12, f.Read.DarkShare) / 0.12 * 0.5 + Math.Min(0.12, f.Read.LightShare) / 0.12 * 0.3;
        var balance = f.Look.Parts.Any(p => p.Sides != Sides.Both) ? 0 : Math.Max(0, Math.Abs(f.Read.LeftHeavier) - MostLean);
        return values + LeadWeight * Leads(f) + 0.15 * f.Read.ColourComesBack - 2 * balance - 0.1 * f.Left.Count;
    }

    // One place is the strongest: that which the idea says leads. Where an ornament leads, neither eyes nor mouth have to.
    private static double Leads(FittedDraft f) => f.Draft.Idea.Leads switch
    {
        "eyes" => Math.Clamp((f.Read.EyeStep - f.Read.MouthStep) / LeadFar, -1, 1),
        "mouth" => Math.Clamp((f.Read.MouthStep - f.Read.EyeStep) / LeadFar, -1, 1),
        _ => 0,
    };

    private static Proposal Told(FittedDraft f, string title, Wish wish)
    {
        string[] tells = [.. f.Look.Parts.Where(p => f.Draft.Tells.Contains(p.Id)).Select(p => PartKinds.Find(p.Kind)!.LabelOf(p)).Distinct()];
        var oneSided = f.Look.Parts.Any(p => p.Sides != Sides.Both);
        Remark[] whys =
        [
            .. tells.Length > 0 ? [Remark.Of(RemarkCode.ProposalTells, ("parts", tells))] : Array.Empty<Remark>(),
            Remark.Of(RemarkCode.ProposalValues, ("dark", Percent(f.Read.DarkShare)), ("middle", Percent(f.Read.MiddleShare)), ("light", Percent(f.Read.LightShare))),
            Remark.Of(oneSided ? RemarkCode.ProposalOneSided : RemarkCode.ProposalBalance, ("off", Percent(Math.Abs(f.Read.LeftHeavier)))),
            .. Leads(f) > 0.2 ? [Remark.Of(RemarkCode.ProposalLeads, ("leader", f.Draft.Idea.Leads))] : Array.Empty<Remark>(),
            .. f.Read.ColourComesBack > 1 ? [Remark.Of(RemarkCode.ProposalColour, ("thirds", f.Read.ColourComesBack))] : Array.Empty<Remark>(),
            .. wish.Temper is { } t ? [Remark.Of(RemarkCode.ProposalTemper, ("temper", t.ToString().ToLowerInvariant()))] : Array.Empty<Remark>(),
            .. f.Fits ? [Remark.Of(RemarkCode.ProposalFits, ("minutes", Minutes(f.Planned)))] : Array.Empty<Remark>(),
        ];
        Remark[] givenUp =
        [
            .. f.Left.Count > 0 ? [Remark.Of(RemarkCode.GaveUpParts, ("parts", f.Left.Distinct().ToArray()))] : Array.Empty<Remark>(),
            .. f.Fits ? [] : new[] { Remark.Of(RemarkCode.GaveUpSlot, ("minutes", Minutes(f.Planned)), ("idea", f.Draft.Idea.Name.ToLowerInvariant()), ("slot", wish.Minutes)) },
        ];
        var named = f.Look with
        {
            Name = $"{f.Draft.Look.Name}: {title.ToLowerInvariant()}",
            Tags = [.. new[] { f.Draft.Idea.Name, f.Draft.Look.Name }.Select(n => n.ToLowerInvariant()).Distinct(), .. wish.Temper is { } temper ? [temper.ToString().ToLowerInvariant()] : Array.Empty<string>()],
        };
        return new(title, f.Draft.Idea, f.Draft.Which, f.Planned, named, whys, givenUp) { Tells = f.Draft.Tells };
    }

    private static double Percent(double share) => Math.Round(100 * share);

    private static double Minutes(PlannedLook planned) => Math.Round(planned.Plan.Time.AtConfidenceSeconds / 60, 1);
}
