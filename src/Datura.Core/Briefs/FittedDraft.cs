using Datura.Core.Fit;
using Datura.Core.Form;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Briefs;

/// <summary>A draft that was planned and cut to its slot: what joins goes first, then coats that are not needed; what tells it stays.</summary>
internal sealed record FittedDraft(Draft Draft, Look Look, PlannedLook Planned, IReadOnlyList<string> Left, bool Fits, SeenFace Seen, FaceRead Read)
{
    private const int MostRounds = 16;

    /// <returns>Null when no plan of it is sound.</returns>
    public static FittedDraft? Of(Draft draft, Wish wish, SeenFace bare, CancellationToken cancel)
    {
        var (look, left) = (draft.Look, new List<string>());
        for (var round = 0; round < MostRounds && look.Parts.Count > 0; round++)
        {
            cancel.ThrowIfCancellationRequested();
            PlannedLook planned;
            try
            {
                planned = Planner.Plan(look, wish.Face, wish.Body, wish.Kit, wish.Setting, FormGrid.CoarsePixels, cancel: cancel);
            }
            catch (PlanException)
            {
                return null;
            }

            var late = planned.Plan.Time.AtConfidenceSeconds > 60 * wish.Minutes;
            var warned = planned.Plan.Cautions.Where(c => c.Severity != Severity.Note && c.Code != CautionCode.OverSlot && IsOfTheLook(c)).ToArray();
            if (warned.Length == 0 && !late)
            {
                return Read(planned, fits: true);
            }

            if ((Mended(look, warned, wish) ?? Lesser(look, draft, warned, late)) is not { } lesser)
            {
                // All that is left tells it: what takes too long is still sound, what is warned of is not.
                return warned.Length == 0 ? Read(planned, fits: false) : null;
            }

            left.AddRange(look.Parts.Where(p => lesser.Parts.All(q => q.Id != p.Id)).Select(p => PartKinds.Find(p.Kind)!.LabelOf(p)));
            look = lesser;
        }

        return null;

        FittedDraft Read(PlannedLook planned, bool fits)
        {
            var grid = FormGrid.Of(wish.Body, FormGrid.CoarsePixels);
            var seen = SeenFace.Of(planned.Coats.SelectMany(c => c), planned.Skin, grid, null, wish.Setting.ViewingDistanceM);
            return new(draft, look, planned, left, fits, seen, FaceRead.Of(seen, bare, grid, wish.Body.At(Landmark.BrowPeak).YMm, wish.Body.At(Landmark.Exocanthion).YMm, wish.Body.At(Landmark.MouthLine).YMm));
        }
    }

    // What is said of the wearer is true of every look, and eyes stay closed under whatever dries on a lid.
    private static bool IsOfTheLook(CautionNote caution) => caution.Parts.Count > 0 && caution.Code != CautionCode.LidsClosed;

    // What a small change mends stays: another paint that is labelled for it, a smaller figure, one that the ground need not spare.
    private static Look? Mended(Look look, IReadOnlyList<CautionNote> warned, Wish wish)
    {
        foreach (var note in warned)
        {
            if (look.Parts.FirstOrDefault(p => note.Parts.Any(n => n.Id == p.Id)) is not { } part)
            {
                continue;
            }

            var mended = note.Code switch
            {
                CautionCode.EyeArea => Relabelled(part, note, wish, p => p.NearEyes),
                CautionCode.LipArea => Relabelled(part, note, wish, p => p.OnLips),
                CautionCode.SparedThenCovered when part.Reserved => part with { Reserved = false },
                CautionCode.PastHairline => Smaller(part, wish),
                _ => null,
            };
            if (mended is not null)
            {
                return With(look, mended);
            }
        }

        return null;
    }

    // The nearest of the kit that may go there, in colour.
    private static Part? Relabelled(Part part, CautionNote note, Wish wish, Func<PaintDescription, bool> may)
    {
        var without = wish.Brief.Without ?? [];
        var paints = part.Paints.ToDictionary();
        foreach (var (role, mix) in part.Paints.Where(m => note.Role is null || m.Key == note.Role))
        {
            PaintDescription[] old = [.. wish.Kit.Paints.Where(p => mix.Shares.Any(s => s.Paint == p.Id))];
            if (old.Length == 0 || old.All(may))
            {
                continue;
            }

            var colour = new PaintStackProbe(PaintOptics.Of(mix, wish.Kit)).OpaqueColour;
            if (SuggestedPaint.Fit(PartKinds.Find(part.Kind)!.Roles.First(r => r.Id == role), [], wish.Kit)
                .Where(p => may(p) && !without.Contains(p.Id) && (p.NearEyes || !old.All(o => o.NearEyes)) && (p.OnLips || !old.All(o => o.OnLips)))
                .MinBy(p => ColourDifference.DeltaE00(p.OverWhite, colour)) is not { } other)
            {
                return null;
            }

            paints[role] = new([new(other.Id, 1)]);
        }

        return paints.All(m => m.Value == part.Paints[m.Key]) ? null : part with { Paints = paints };
    }

    private const double SmallerBy = 0.82;
    private const double SmallestShare = 0.5;

    private static Part? Smaller(Part part, Wish wish)
    {
        var lengths = PartKinds.Find(part.Kind)!.Parameters.OfType<NumberSpec>().Where(p => p.Type == ParameterType.LengthMm && p.Id is "length" or "height" or "size" or "reach" or "width");
        var numbers = part.Numbers.ToDictionary();
        var changed = false;
        foreach (var spec in lengths)
        {
            var (now, usual) = (part.Numbers.GetValueOrDefault(spec.Id, spec.Default(wish.Body)), spec.Default(wish.Body));
            var smaller = Math.Round(Math.Clamp(SmallerBy * now, spec.Least, spec.Most), 1);
            if (smaller < now && smaller > SmallestShare * usual)
            {
                numbers[spec.Id] = smaller;
                changed = true;
            }
        }

        return changed ? part with { Numbers = numbers } : null;
    }

    private static Look? Lesser(Look look, Draft draft, IReadOnlyList<CautionNote> warned, bool late)
    {
        var named = warned.SelectMany(c => c.Parts.Select(p => p.Id)).ToHashSet();
        bool MayGo(Part p) => !draft.Tells.Contains(p.Id) && p.Kind != Draft.GroundKind;
        if (named.Count > 0)
        {
            // What joins goes; of what tells it a coat may go that is not the first.
            if (look.Parts.LastOrDefault(p => named.Contains(p.Id) && MayGo(p)) is { } joining)
            {
                return Without(look, joining);
            }

            foreach (var note in warned.Where(n => n.Role is not null))
            {
                var part = look.Parts.FirstOrDefault(p => note.Parts.Any(n => n.Id == p.Id) && p.Paints.Count > 1 && p.Paints.ContainsKey(note.Role!) && PartKinds.Find(p.Kind)!.Roles[0].Id != note.Role);
                if (part is not null)
                {
                    return With(look, part with { Paints = part.Paints.Where(m => m.Key != note.Role).ToDictionary() });
                }
            }

            return null;
        }

        if (!late)
        {
            return null;
        }

        if (look.Parts.Where(MayGo).OrderByDescending(p => p.Priority).ThenByDescending(p => p.Id, StringComparer.Ordinal).FirstOrDefault() is { } last)
        {
            return Without(look, last);
        }

        // One coat of ground is quicker than two, and then the coats that only refine.
        if (look.Parts.FirstOrDefault(p => p.Kind == Draft.GroundKind && p.Coats.GetValueOrDefault("ground", 2) > 1) is { } ground)
        {
            return With(look, ground with { Coats = new Dictionary<string, int> { ["ground"] = 1 } });
        }

        if (look.Parts.FirstOrDefault(p => p.Version == PartVersion.Full && draft.Tells.Contains(p.Id)) is { } quick)
        {
            return With(look, quick with { Version = PartVersion.Quick });
        }

        return look.Parts.FirstOrDefault(p => p.Kind == Draft.GroundKind) is { } whole ? Without(look, whole) : null;
    }

    private static Look Without(Look look, Part part) => look with
    {
        Parts = [.. look.Parts.Where(p => p.Id != part.Id)],
        Stages = look.Stages is null ? null : Kept([.. look.Stages.Select(s => s with { Coats = [.. s.Coats.Where(c => c != part.Id)] })]),
    };

    private static LookStage[]? Kept(LookStage[] stages) => stages[^1].Coats.Count > 0 ? stages : null;

    private static Look With(Look look, Part part) => look with { Parts = [.. look.Parts.Select(p => p.Id == part.Id ? part : p)] };
}
