using Datura.Core.Body;
using Datura.Core.Form;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>Finds nonsense in a look, a face or a setting before anything is computed.</summary>
public static class PlanCheck
{
    public static IReadOnlyList<Problem> OfLook(Look look)
    {
        var found = new List<Problem>();
        if (!Limits.IsName(look.Name))
        {
            found.Add(Problem.Of("name", ProblemCode.LookNeedsName, ("most", Limits.LongestName)));
        }

        if (look.Parts.Count > Limits.MostParts)
        {
            found.Add(Problem.Of("parts", ProblemCode.TooManyParts, ("count", look.Parts.Count), ("most", Limits.MostParts)));
            return found;
        }

        if (look.Tags.Count > Look.MostTags || look.Tags.Any(t => string.IsNullOrWhiteSpace(t) || t.Length > Look.LongestTag) || (look.Production is { } production && !Limits.IsName(production)))
        {
            found.Add(Problem.Of("tags", ProblemCode.LookTags, ("most", Look.MostTags), ("letters", Look.LongestTag)));
        }

        if (!ReferenceCheck.CanBePinned(look.References))
        {
            found.Add(ReferenceCheck.Pins("references"));
        }

        if (!ArePassed(look.Passed))
        {
            found.Add(Problem.Of("passed", ProblemCode.PassedStops, ("least", PassedStop.LeastLetters), ("letters", Limits.LongestWords), ("most", PassedStop.Most)));
        }

        if (look.Form is { } form)
        {
            found.AddRange(OfForm(form));
        }

        if (look.Order is { } order)
        {
            found.AddRange(OfOrder(order));
        }

        found.AddRange(OfStages(look.Stages ?? []));
        found.AddRange(OfMendings(look.Mendings ?? []));

        if (!Limits.Hold<Look>(nameof(Look.WetLifts), look.WetLifts))
        {
            found.Add(Problem.Of("wetLifts", ProblemCode.WetLifts, ("most", 100 * Limits.Most<Look>(nameof(Look.WetLifts)))));
        }

        var seen = new HashSet<string>();
        for (var k = 0; k < look.Parts.Count; k++)
        {
            found.AddRange(OfPart(look.Parts[k], $"parts[{k}]"));
            if (look.Parts[k].Id is FormKind.PartId or CoatJobs.MapPartId)
            {
                found.Add(Problem.Of($"parts[{k}].id", ProblemCode.OwnIdOfThePlan, ("id", look.Parts[k].Id)));
            }

            if (!seen.Add(look.Parts[k].Id))
            {
                found.Add(Problem.Of($"parts[{k}].id", ProblemCode.TwoOfOneId, ("id", look.Parts[k].Id)));
            }
        }

        found.AddRange(HangingCheck.OfHosts(look.Parts));
        return found;
    }

    private static IEnumerable<Problem> OfForm(FormWish form)
    {
        if (!Limits.Hold<FormWish>(nameof(form.Strength), form.Strength))
        {
            yield return Problem.Of("form.strength", ProblemCode.FormStrength, ("most", Limits.Most<FormWish>(nameof(form.Strength))));
        }

        if (form.Laid is { Count: > FormWish.MostLaid })
        {
            yield return Problem.Of("form.laid", ProblemCode.FormLaid, ("most", FormWish.MostLaid));
        }

        if (!Limits.Hold<FormWish>(nameof(form.Tones), form.Tones) || !Limits.Hold<FormWish>(nameof(form.HighlightCap), form.HighlightCap))
        {
            yield return Problem.Of("form.tones", ProblemCode.FormTones, ("least", Limits.Least<FormWish>(nameof(form.Tones))), ("most", Limits.Most<FormWish>(nameof(form.Tones))),
                ("rise", Limits.Most<FormWish>(nameof(form.HighlightCap))));
        }

        if (!LightCheck.Stands(form.Pretended) || form.Pretended.Level <= 0)
        {
            yield return Problem.Of("form.pretended", ProblemCode.PretendedLamp);
        }

        if (LightCheck.OfDistance(form.Pretended.DistanceM) is { } problem)
        {
            yield return Problem.Of("form.pretended.distanceM", problem);
        }

        foreach (var zone in form.Zones ?? [])
        {
            if (!Zones.Names.Contains(zone.Zone) || !Limits.Hold<ZoneRelief>(nameof(zone.Mm), zone.Mm) || !Limits.Hold<ZoneRelief>(nameof(zone.FalloffMm), zone.FalloffMm))
            {
                yield return Problem.Of("form.zones", ProblemCode.ZoneRelief, ("most", Limits.Most<ZoneRelief>(nameof(ZoneRelief.Mm))),
                    ("narrowest", Limits.Least<ZoneRelief>(nameof(zone.FalloffMm))), ("widest", Limits.Most<ZoneRelief>(nameof(zone.FalloffMm))));
            }
        }
    }

    private static IEnumerable<Problem> OfPart(Part part, string field)
    {
        if (PartKinds.Find(part.Kind) is not { } kind)
        {
            var known = string.Join(", ", PartKinds.All.Select(k => k.Id));
            yield return Problem.Of($"{field}.kind", ProblemCode.UnknownKind, ("kind", part.Kind), ("known", known));
            yield break;
        }

        if (!Limits.Hold<Part>(nameof(part.Unevenness), part.Unevenness))
        {
            yield return Problem.Of($"{field}.unevenness", ProblemCode.Unevenness, ("part", kind.LabelOf(part)));
        }

        if (!Limits.Hold<Move>(nameof(Move.OutMm), part.Moved.OutMm) || !Limits.Hold<Move>(nameof(Move.UpMm), part.Moved.UpMm))
        {
            yield return Problem.Of($"{field}.moved", ProblemCode.MovedTooFar, ("part", kind.LabelOf(part)), ("most", Limits.Most<Move>(nameof(Move.OutMm))));
        }

        if (!Limits.Hold<Part>(nameof(part.ReliefMm), part.ReliefMm))
        {
            yield return Problem.Of($"{field}.reliefMm", ProblemCode.Relief, ("part", kind.LabelOf(part)), ("most", Limits.Most<ZoneRelief>(nameof(ZoneRelief.Mm))));
        }

        foreach (var problem in HangingCheck.Of(part, kind, field))
        {
            yield return problem;
        }

        if (part.Motif is { } motif && MotifCheck.Of(motif, $"{field}.motif", ("part", kind.LabelOf(part))) is { } broken)
        {
            yield return broken;
        }

        foreach (var (id, value) in part.Numbers)
        {
            if (kind.Parameters.FirstOrDefault(p => p.Id == id) is not { } spec)
            {
                yield return Problem.Of($"{field}.numbers.{id}", ProblemCode.UnknownNumber, ("part", kind.LabelOf(part)), ("id", id));
            }
            else if (!double.IsFinite(value) || value < spec.Least || value > spec.Most)
            {
                yield return Problem.Of($"{field}.numbers.{id}", ProblemCode.NumberOutOfRange, ("part", kind.LabelOf(part)), ("what", spec.Label.ToLowerInvariant()), ("value", value),
                    ("least", spec.Least), ("most", spec.Most));
            }
        }

        foreach (var (id, word) in part.Words)
        {
            if (kind.Parameters.FirstOrDefault(p => p.Id == id) is not { Type: ParameterType.Choice } spec || !spec.Choices.Contains(word))
            {
                yield return Problem.Of($"{field}.words.{id}", ProblemCode.UnknownChoice, ("part", kind.LabelOf(part)), ("id", id), ("word", word));
            }
        }

        foreach (var zone in part.Zones.Values.SelectMany(z => z).Where(z => !Zones.Names.Contains(z)))
        {
            yield return Problem.Of($"{field}.zones", ProblemCode.UnknownZone, ("zone", zone), ("known", string.Join(", ", Zones.Names)));
        }

        foreach (var (role, mix) in part.Paints)
        {
            if (kind.Roles.All(r => r.Id != role))
            {
                yield return Problem.Of($"{field}.paints.{role}", ProblemCode.UnknownCoat, ("part", kind.LabelOf(part)), ("role", role));
            }
            else if (mix.Shares.Count == 0 || mix.Shares.Any(s => !Limits.Hold<PaintShare>(nameof(s.Parts), s.Parts)))
            {
                yield return Problem.Of($"{field}.paints.{role}", ProblemCode.EmptyMix, ("part", kind.LabelOf(part)), ("most", Limits.Most<PaintShare>(nameof(PaintShare.Parts))));
            }
        }

        foreach (var role in part.Without.Where(w => kind.Roles.All(r => r.Id != w)))
        {
            yield return Problem.Of($"{field}.without", ProblemCode.UnknownCoat, ("part", kind.LabelOf(part)), ("role", role));
        }

        foreach (var (role, lay) in part.Laid ?? new Dictionary<string, CoatLay>())
        {
            if (kind.Roles.All(r => r.Id != role))
            {
                yield return Problem.Of($"{field}.laid.{role}", ProblemCode.UnknownCoat, ("part", kind.LabelOf(part)), ("role", role));
            }
            else if (!Limits.Hold<CoatLay>(nameof(lay.Film), lay.Film))
            {
                yield return Problem.Of($"{field}.laid.{role}.film", ProblemCode.Film, ("part", kind.LabelOf(part)), ("film", lay.Film), ("least", Limits.Least<CoatLay>(nameof(lay.Film))),
                    ("most", Limits.Most<CoatLay>(nameof(lay.Film))));
            }

            if (lay.MarksPerLoad is < 1 or > CoatLay.MostMarksPerLoad)
            {
                yield return Problem.Of($"{field}.laid.{role}.marksPerLoad", ProblemCode.MarksPerLoad, ("part", kind.LabelOf(part)), ("marks", lay.MarksPerLoad), ("most", CoatLay.MostMarksPerLoad));
            }

            if (lay.PullOut is { } pull && !Limits.Hold<PullOut>(nameof(pull.Mm), pull.Mm))
            {
                yield return Problem.Of($"{field}.laid.{role}.pullOut", ProblemCode.PullOut, ("part", kind.LabelOf(part)), ("least", Limits.Least<PullOut>(nameof(pull.Mm))), ("most", Limits.Most<PullOut>(nameof(pull.Mm))));
            }

            if (lay.Split is { } split && !(Limits.Hold<SplitLoad>(nameof(split.Overlap), split.Overlap) && Limits.Hold<SplitLoad>(nameof(split.Powder), split.Powder)
                && Limits.Hold<SplitLoad>(nameof(split.AxisDeg), split.AxisDeg)))
            {
                yield return Problem.Of($"{field}.laid.{role}.split", ProblemCode.SplitLoad, ("part", kind.LabelOf(part)));
            }
        }

        foreach (var (role, coats) in part.Coats)
        {
            if (coats is < 1 or > Limits.MostCoats)
            {
                yield return Problem.Of($"{field}.coats.{role}", ProblemCode.CoatCount, ("part", kind.LabelOf(part)), ("coats", coats), ("most", Limits.MostCoats));
            }
        }
    }

    private static IEnumerable<Problem> OfStages(IReadOnlyList<LookStage> stages)
    {
        if (stages.Count > LookStage.Most || stages.Any(s => !Limits.IsName(s.Name)))
        {
            yield return Problem.Of("stages", ProblemCode.StageNames, ("most", LookStage.Most), ("letters", Limits.LongestName));
        }

        foreach (var named in stages.SelectMany(s => s.Coats.Distinct().Select(c => (Coat: c, s.Name))).GroupBy(n => n.Coat).Where(n => n.Count() > 1))
        {
            yield return Problem.Of("stages", ProblemCode.CoatInTwoStages, ("coat", named.Key), ("stages", string.Join(" and ", named.Select(n => n.Name))));
        }
    }

    private static IEnumerable<Problem> OfMendings(IReadOnlyList<Mending> mendings)
    {
        foreach (var twice in mendings.GroupBy(m => (m.Kind, m.Coat)).Where(m => m.Count() > 1))
        {
            yield return Problem.Of("mendings", ProblemCode.MendingTwice, ("mending", Catalogue.Of(twice.Key.Kind).Text.ToLowerInvariant()), ("coat", twice.Key.Coat));
        }

        foreach (var mending in mendings.Where(m => m.Seconds is { } s && !Limits.Hold<Mending>(nameof(Mending.Seconds), s)))
        {
            yield return Problem.Of("mendings", ProblemCode.MendingSeconds, ("mending", Catalogue.Of(mending.Kind).Text.ToLowerInvariant()), ("seconds", mending.Seconds!.Value), ("most", Mending.MostSeconds));
        }
    }

    private static IEnumerable<Problem> OfOrder(OrderWish order)
    {
        const int most = 4000;
        if (order.Sequence is { Count: > most } || order.Pins is { Count: > most } || order.Ties is { Count: > most } || order.Over is { Count: > most })
        {
            yield return Problem.Of("order", ProblemCode.OrderTooLong, ("most", most));
        }

        foreach (var pin in (order.Pins ?? []).Where(p => p.Place < 1))
        {
            yield return Problem.Of("order.pins", ProblemCode.PinBeforeFirst, ("coat", pin.Coat), ("place", pin.Place));
        }

        if ((order.Pins ?? []).GroupBy(p => p.Place).FirstOrDefault(g => g.Count() > 1) is { } twice)
        {
            yield return Problem.Of("order.pins", ProblemCode.TwoPinsOnOneStep, ("coats", string.Join(" and ", twice.Select(p => p.Coat))), ("place", twice.Key));
        }

        if (Circle([.. (order.Ties ?? []).Select(t => (t.First, t.Then))]) is { } circle)
        {
            yield return Problem.Of("order.ties", ProblemCode.TiesInACircle, ("circle", string.Join(" → ", circle)));
        }

        if (Circle([.. (order.Over ?? []).Select(o => (o.Lower, o.Upper))]) is { } stack)
        {
            yield return Problem.Of("order.over", ProblemCode.OverInACircle, ("circle", string.Join(" under ", stack)));
        }
    }

    // Every pair is followed once: depth first, from each coat that was not reached before.
    private static IReadOnlyList<string>? Circle(IReadOnlyList<(string First, string Then)> pairs)
    {
        var after = pairs.ToLookup(t => t.First, t => t.Then);
        var done = new HashSet<string>();
        foreach (var start in after.Select(g => g.Key))
        {
            var (way, on, open) = (new List<string>(), new HashSet<string>(), new Stack<IEnumerator<string>>());
            void Enter(string coat)
            {
                way.Add(coat);
                on.Add(coat);
                open.Push(after[coat].GetEnumerator());
            }

            if (!done.Contains(start))
            {
                Enter(start);
            }

            while (open.TryPeek(out var next))
            {
                if (!next.MoveNext())
                {
                    open.Pop();
                    done.Add(way[^1]);
                    on.Remove(way[^1]);
                    way.RemoveAt(way.Count - 1);
                }
                else if (on.Contains(next.Current))
                {
                    return [.. way.SkipWhile(c => c != next.Current), next.Current];
                }
                else if (!done.Contains(next.Current))
                {
                    Enter(next.Current);
                }
            }
        }

        return null;
    }

    public static IReadOnlyList<Problem> OfSetting(Setting setting)
    {
        List<Problem> found =
        [
            .. Outside(nameof(setting.SlotMinutes), setting.SlotMinutes, ProblemCode.Slot), .. Outside(nameof(setting.Painters), setting.Painters, ProblemCode.Painters),
            .. Outside(nameof(setting.Confidence), setting.Confidence, ProblemCode.Confidence, 100), .. setting.OwnPace.Problems(),
            .. Outside(nameof(setting.ViewingDistanceM), setting.ViewingDistanceM, ProblemCode.ViewingDistance), .. Outside(nameof(setting.AdaptingCdM2), setting.AdaptingCdM2, ProblemCode.Brightness),
            .. Outside(nameof(setting.NecklineMm), setting.NecklineMm, ProblemCode.Neckline), .. Outside(nameof(setting.NecklineWidthMm), setting.NecklineWidthMm, ProblemCode.NecklineWidth),
        ];
        if (setting.Conditions.Count > 20 || setting.Conditions.Any(c => !Enum.IsDefined(c)) || !Limits.Hold<Setting>(nameof(setting.WearHours), setting.WearHours))
        {
            found.Add(Said("wearHours", nameof(setting.WearHours), ProblemCode.Conditions, 1));
        }

        if (setting.Lamps is { } lamps)
        {
            try
            {
                Lamps.Together(lamps);
            }
            catch (InputException problem)
            {
                found.Add(problem.Problem);
            }
        }

        if (LightCheck.Of(setting.FaceLight) is { } light)
        {
            found.Add(Problem.Of("lamps", light));
        }

        return found;
    }

    /// <summary>Whether stops are passed with words, and not without end.</summary>
    public static bool ArePassed(IReadOnlyList<PassedStop> passed) => passed.Count <= PassedStop.Most && passed.All(p => p is { Words: not null } && Enum.IsDefined(p.Code)
        && p.Words.Trim().Length is >= PassedStop.LeastLetters and <= Limits.LongestWords && (p.Part?.Length ?? 0) <= Limits.LongestName && (p.Paint?.Length ?? 0) <= Limits.LongestName);

    /// <summary>Nobody looks from there; of a distance that was asked for beside a setting.</summary>
    public static Problem ViewingDistance(string field) => Said(field, nameof(Setting.ViewingDistanceM), ProblemCode.ViewingDistance, 1);

    private static IEnumerable<Problem> Outside(string property, double value, ProblemCode code, double unit = 1) => Limits.Hold<Setting>(property, value) ? []
        : [Said(System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(property), property, code, unit)];

    // With its limits as the sentence names them, in the sentence's unit.
    private static Problem Said(string field, string property, ProblemCode code, double unit) =>
        Problem.Of(field, code, ("least", unit * Limits.Least<Setting>(property)), ("most", unit * Limits.Most<Setting>(property)));
}
