using Datura.Core.Fit;
using Datura.Core.Body;
using Datura.Core.Caution;
using Datura.Core.Caution.Checks;
using Datura.Core.Form;
using Datura.Core.Hands;
using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core;

/// <summary>The one place where body, shapes, paint, order and cautions come together.</summary>
public static class Planner
{
    /// <summary>Computes a look for a face. Pure: the same input gives the same plan.</summary>
    /// <exception cref="PlanException">Something in the input cannot be planned; each problem names its field.</exception>
    /// <exception cref="MeasureException">The face's measures are nonsense.</exception>
    public static PlannedLook Plan(Look look, Face face, Kit kit, Setting setting) =>
        Plan(look, face, FittedBody.For(face.MeasuresMm), kit, setting);

    /// <summary>As above, on a body already fitted to the face.</summary>
    /// <param name="onScreen">Coats in the order that is on screen; it is only left for one that is clearly shorter.</param>
    /// <param name="standIns">What the look's paints were changed for because this kit does not hold them.</param>
    /// <param name="cancel">Whoever asked is gone: the plan is given up between its stages.</param>
    /// <param name="card">What the wearer said; null when nobody asked.</param>
    /// <param name="formPixels">How finely shades and lights are reckoned; coarse while something is dragged.</param>
    public static PlannedLook Plan(Look look, Face face, FittedBody body, Kit kit, Setting setting, int formPixels = FormGrid.FinePixels, IReadOnlyList<string>? onScreen = null,
        IReadOnlyList<StandIn>? standIns = null, WearerCard? card = null, CancellationToken cancel = default)
    {
        Problem[] problems = [.. PlanCheck.OfLook(look), .. PlanCheck.OfSetting(setting), .. PaintProblems(look, kit)];
        problems = problems.Length > 0 ? problems : [.. HandCheck.Of(look, kit)];
        if (problems.Length > 0)
        {
            throw new PlanException(problems);
        }

        // What is left out stays in the look but not on the face; quick versions stand in for the whole part.
        var thisTime = LookVersion.ThisTime(look, kit);
        look = LookVersion.Shown(look, kit);
        var costume = setting.Costume;
        ExpandedPart[] expanded = [.. PartExpansion.Of(look.Parts, body, costume, cancel).Select(p => HandMarks.Of(p, kit))];
        FormPlan? form = null;
        if (look.Form is { LeftOut: false } wish)
        {
            form = FormPlan.Of(wish, expanded, body, kit, Ground(look, expanded, face, kit), setting, formPixels);
            if (HandCheck.OfForm(form.Part, wish, kit).ToArray() is { Length: > 0 } cannot)
            {
                throw new PlanException(cannot);
            }

            expanded = form.Part.Marks.Marks.Count > 0 ? [.. expanded, HandMarks.Of(form.Part, kit)] : expanded;
        }

        cancel.ThrowIfCancellationRequested();
        var measured = CoatJobs.Of(look, expanded, body, kit, setting.OwnPace, setting.Drying);
        cancel.ThrowIfCancellationRequested();
        var jobs = Mendings.With(measured, look.Mendings, [], kit);
        var (network, steps) = Ordered(jobs);
        var colours = new CoatColours(face.Skin, kit, steps, look.WetLifts);
        var held = Holding.Of(Checked()).ToArray();
        if (held.SelectMany(c => c.Remedies).Where(r => !(look.Mendings ?? []).Any(m => m.Kind == r.Kind && m.Coat == r.Coat)).ToHashSet() is { Count: > 0 } needed)
        {
            // What would not hold is proposed, and ordered again with what that takes; what lies on what stays as it is.
            jobs = Mendings.With(measured, look.Mendings, needed, kit);
            (network, steps) = Ordered(jobs);
            colours = new CoatColours(face.Skin, kit, steps, look.WetLifts);
        }

        cancel.ThrowIfCancellationRequested();
        var session = Steps.Session(steps);
        var cautions = Unmended(jobs.SelectMany(OfCoat))
            .Concat(expanded.SelectMany(p => CoatCautions.Lids(p.Part.Id, p.Label, jobs))).ToArray();

        var planSteps = steps.Select((s, k) => PlanSteps.Of(s, k + 1, steps.Take(k).Sum(b => b.Jobs.Count), expanded, kit, colours, cautions, network)).ToArray();
        var total = session.LikelySeconds;
        var stood = Named(standIns ?? [], expanded, kit);
        CautionNote[] said =
        [
            .. cautions, .. Unmended(LookChecks.Of(Checked())),
            .. face.Cautions.Concat(card?.Brings ?? []).Distinct().Select(UsualCautions.For), .. card is null ? [] : CardCautions.For(card, jobs, kit, total / 60), .. SettingCautions.Whole(setting),
            .. body.MeasureNotes.Select(Rare), .. form?.Warnings ?? [], .. SlotCaution(session, setting), .. MapCaution(look, kit), .. StandInNotes(stood),
        ];
        IReadOnlyList<PassedStop> passed = [.. look.Passed, .. card?.Passed ?? []];
        var all = CautionNote.Together(said.Select(n => n with { Passed = passed.FirstOrDefault(p => p.Passes(n))?.Words }));
        var plan = new Plan(
            look.Name,
            face.Name,
            kit.Name,
            new(setting.Name, setting.SlotMinutes, setting.ViewingDistanceM, setting.Light, Math.Round(VisualAcuity.FinestMm(setting.ViewingDistanceM), 3), setting.OnOneself),
            SkinTone.Class(face.Skin),
            Srgb.From(face.Skin).Hex,
            body.MeasuresMm.ToDictionary(m => m.Key, m => Math.Round(m.Value, 1)),
            [.. expanded.Select(p => PlanParts.Of(p, body, jobs, kit, colours))],
            planSteps,
            PlanStage.Of(look.Stages, steps),
            Math.Round(total, 1),
            PlanTime.Of(session, setting),
            Math.Round(steps.Sum(s => s.WaitSeconds), 1),
            Math.Round(jobs.Where(j => j.Role.Stage != Stage.Map).Sum(j => j.AreaMm2) / 100, 1),
            [.. costume.Edge(body).SelectMany(p => new[] { Math.Round(p.XMm, 1), Math.Round(p.YMm, 1) })],
            all,
            thisTime,
            stood);
        return new(plan, body, face.Skin, [.. steps.Select(s => (IReadOnlyList<LaidCoat>)[.. s.Jobs.Select(colours.Laid)])])
        {
            Parts = expanded,
            Jobs = jobs,
            Colours = colours,
            InOrder = [.. steps.SelectMany(s => s.Jobs)],
            Form = form,
            Network = network,
            Steps = steps
        };

        (StepNetwork Network, IReadOnlyList<Step> Steps) Ordered(IReadOnlyList<CoatJob> of)
        {
            var bound = StepNetwork.Of(of, look.Order, setting.Crew);
            return (bound, ListScheduler.Order(bound, onScreen));
        }

        CheckedLook Checked() => new(expanded, jobs, body, costume, kit) { Colours = colours, DistanceM = setting.ViewingDistanceM, Setting = setting, CreamsPowdered = setting.Drying == DryingAid.Powder };

        IEnumerable<CautionNote> OfCoat(CoatJob job) =>
        [
            .. CoatCautions.For(job, kit, colours.FilmUm(job)), .. HandCautions.For(job, colours.Smear(job)), .. MendingCautions.For(job, kit), .. OwnHandCautions.For(job),
            .. SettingCautions.For(job, setting, kit),
        ];

        // A remedy that the plan holds stops the caution.
        IEnumerable<CautionNote> Unmended(IEnumerable<CautionNote> notes) =>
            notes.Where(n => !n.Remedies.Any(r => jobs.Any(j => j.Key == r.Coat && j.Mendings.Any(m => m.Kind == r.Kind))));
    }

    /// <summary>The skin with the largest base on it: what shades and lights go over.</summary>
    public static PaintStack Ground(Look look, IReadOnlyList<ExpandedPart> parts, Face face, Kit kit)
    {
        var skin = PaintStack.OnSkin(face.Skin);
        var largest = parts.SelectMany(p => p.Kind.Roles.Where(r => r.Stage == Stage.Base && p.Part.Paints.ContainsKey(r.Id)).Select(r => (Part: p, Role: r)))
            .OrderByDescending(p => p.Part.Marks.Marks.OfType<RegionMark>().Where(m => m.Role == p.Role.Id).Sum(m => m.Outline.Area)).FirstOrDefault();
        if (largest.Part is null)
        {
            return skin;
        }

        var (mix, lay) = (largest.Part.Part.Paints[largest.Role.Id], largest.Part.Part.LayOf(largest.Role.Id));
        var coats = largest.Part.Part.Coats.TryGetValue(largest.Role.Id, out var own) ? own : largest.Role.Coats;
        return skin.With(PaintOptics.Of(lay.Split?.At(mix, 0.5) ?? mix, kit), coats * CoatFilm.Um(mix, kit, HandChoice.Of(largest.Role, lay, mix, kit), lay));
    }

    private static IEnumerable<Problem> PaintProblems(Look look, Kit kit) =>
        from part in look.Parts.Select((p, k) => (Part: p, Field: $"parts[{k}].paints"))
        from paint in part.Part.Paints
        from share in paint.Value.Shares
        where kit.Paints.All(p => p.Id != share.Paint)
        select Problem.Of($"{part.Field}.{paint.Key}", ProblemCode.NoSuchPaint, ("kit", kit.Name), ("paint", share.Paint));

    // What is left out this time needs no paint.
    private static PlanStandIn[] Named(IReadOnlyList<StandIn> standIns, IReadOnlyList<ExpandedPart> parts, Kit kit) =>
    [
        .. from s in standIns
           from p in parts
           where p.Part.Id == s.PartId
           select new PlanStandIn(s.PartId, p.Label, s.Role, s.WantedWords, PlanParts.PaintName(s.Mix, kit), s.Mix.Shares, s.DeltaE is { } off ? Math.Round(off, 1) : null),
    ];

    private static IEnumerable<CautionNote> StandInNotes(IReadOnlyList<PlanStandIn> standIns) => standIns.Select(s => new CautionNote(CautionCode.StandsIn, Severity.Note)
    {
        Parts = [new(s.PartId, s.Part)],
        Numbers = s.DeltaE is { } off ? new Dictionary<string, double> { ["off"] = off } : new Dictionary<string, double>(),
        Names = new Dictionary<string, string> { ["paint"] = s.Wanted, ["instead"] = s.Instead },
    });

    private static CautionNote Rare(Problem measure) => new(CautionCode.MeasureRare, Severity.Note)
    {
        Names = new Dictionary<string, string> { ["measure"] = (string)measure.Values["measure"] },
        Numbers = new Dictionary<string, double> { ["mm"] = (double)measure.Values["mm"], ["expected"] = (double)measure.Values["expected"] },
    };

    private static IEnumerable<CautionNote> SlotCaution(DurationEstimate session, Setting setting)
    {
        var over = session.LikelySeconds / 60 - setting.SlotMinutes;
        if (over > 0)
        {
            yield return new(CautionCode.OverSlot, Severity.Warning) { Numbers = new Dictionary<string, double> { ["over"] = 60 * over, ["slot"] = setting.SlotMinutes } };
        }
        else if (session.At(setting.Confidence) / 60 > setting.SlotMinutes)
        {
            yield return new(CautionCode.SlotNotSure, Severity.Note)
            {
                Numbers = new Dictionary<string, double> { ["slot"] = setting.SlotMinutes, ["share"] = 100 * setting.Confidence, ["needed"] = session.At(setting.Confidence) / 60 },
            };
        }
    }

    private static IEnumerable<CautionNote> MapCaution(Look look, Kit kit)
    {
        if (look.Mapping == Mapping.Pencil && kit.Paints.All(p => p.Material != Material.Pencil))
        {
            yield return new(CautionCode.NoPencil, Severity.Note);
        }
    }
}
