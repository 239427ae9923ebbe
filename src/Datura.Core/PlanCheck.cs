using Datura.Core.Body;
using Datura.Core.Form;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>Finds nonsense in a look, a face or a setting before anything is computed.</summary>
public static class PlanCheck
{
    /// <summary>More parts than this no one can paint on one face.</summary>
    public const int MostParts = 400;

    private const int LongestName = 120;

    public static IReadOnlyList<Problem> OfLook(Look look)
    {
        var found = new List<Problem>();
        if (string.IsNullOrWhiteSpace(look.Name) || look.Name.Length > LongestName)
        {
            found.Add(Problem.Of("name", ProblemCode.LookNeedsName, ("most", LongestName)));
        }

        if (look.Parts.Count > MostParts)
        {
            found.Add(Problem.Of("parts", ProblemCode.TooManyParts, ("count", look.Parts.Count), ("most", MostParts)));
            return found;
        }

        if (look.Form is { } form)
        {
            found.AddRange(OfForm(form));
        }

        if (look.Order is { } order)
        {
            found.AddRange(OfOrder(order));
        }

        if (!(look.WetLifts is >= 0 and <= Look.MostWetLifts))
        {
            found.Add(Problem.Of("wetLifts", ProblemCode.WetLifts, ("most", 100 * Look.MostWetLifts)));
        }

        var seen = new HashSet<string>();
        for (var k = 0; k < look.Parts.Count; k++)
        {
            found.AddRange(OfPart(look.Parts[k], $"parts[{k}]"));
            if (!seen.Add(look.Parts[k].Id))
            {
                found.Add(Problem.Of($"parts[{k}].id", ProblemCode.TwoOfOneId, ("id", look.Parts[k].Id)));
            }
        }

        return found;
    }

    private static IEnumerable<Problem> OfForm(FormWish form)
    {
        if (!(form.Strength is >= 0 and <= FormWish.MostStrength))
        {
            yield return Problem.Of("form.strength", ProblemCode.FormStrength, ("most", FormWish.MostStrength));
        }

        if (form.Tones is < 3 or > 5 || !(form.HighlightCap is >= 0 and <= 60))
        {
            yield return Problem.Of("form.tones", ProblemCode.FormTones);
        }

        if (!(Math.Abs(form.Pretended.AzimuthDeg) <= 360) || !(Math.Abs(form.Pretended.ElevationDeg) <= 90) || !(form.Pretended.SpreadDeg is >= 0 and <= 90) || !(form.Pretended.Level is > 0 and <= 100))
        {
            yield return Problem.Of("form.pretended", ProblemCode.PretendedLamp);
        }

        if (LightCheck.OfDistance(form.Pretended.DistanceM) is { } problem)
        {
            yield return Problem.Of("form.pretended.distanceM", problem);
        }

        foreach (var zone in form.Zones ?? [])
        {
            if (!Zones.Names.Contains(zone.Zone) || !(Math.Abs(zone.Mm) <= ZoneRelief.MostMm) || !(zone.FalloffMm is >= 1 and <= 60))
            {
                yield return Problem.Of("form.zones", ProblemCode.ZoneRelief, ("most", ZoneRelief.MostMm));
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

        if (!(part.Unevenness is >= 0 and <= 1))
        {
            yield return Problem.Of($"{field}.unevenness", ProblemCode.Unevenness, ("part", kind.Label));
        }

        if (!(Math.Abs(part.Moved.OutMm) <= Move.MostMm && Math.Abs(part.Moved.UpMm) <= Move.MostMm))
        {
            yield return Problem.Of($"{field}.moved", ProblemCode.MovedTooFar, ("part", kind.Label), ("most", Move.MostMm));
        }

        if (part.ReliefMm is { } relief && !(Math.Abs(relief) <= ZoneRelief.MostMm))
        {
            yield return Problem.Of($"{field}.reliefMm", ProblemCode.Relief, ("part", kind.Label), ("most", ZoneRelief.MostMm));
        }

        if (part.Motif is { } motif && MotifCheck.Of(motif, $"{field}.motif", ("part", kind.Label)) is { } broken)
        {
            yield return broken;
        }

        foreach (var (id, value) in part.Numbers)
        {
            if (kind.Parameters.FirstOrDefault(p => p.Id == id) is not { } spec)
            {
                yield return Problem.Of($"{field}.numbers.{id}", ProblemCode.UnknownNumber, ("part", kind.Label), ("id", id));
            }
            else if (!double.IsFinite(value) || value < spec.Least || value > spec.Most)
            {
                yield return Problem.Of($"{field}.numbers.{id}", ProblemCode.NumberOutOfRange, ("part", kind.Label), ("what", spec.Label.ToLowerInvariant()), ("value", value), ("least", spec.Least), ("most", spec.Most));
            }
        }

        foreach (var (id, word) in part.Words)
        {
            if (kind.Parameters.FirstOrDefault(p => p.Id == id) is not { Type: ParameterType.Choice } spec || !spec.Choices.Contains(word))
            {
                yield return Problem.Of($"{field}.words.{id}", ProblemCode.UnknownChoice, ("part", kind.Label), ("id", id), ("word", word));
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
                yield return Problem.Of($"{field}.paints.{role}", ProblemCode.UnknownCoat, ("part", kind.Label), ("role", role));
            }
            else if (mix.Shares.Count == 0 || mix.Shares.Any(s => !(s.Parts is > 0 and <= 100)))
            {
                yield return Problem.Of($"{field}.paints.{role}", ProblemCode.EmptyMix, ("part", kind.Label));
            }
        }

        foreach (var (role, lay) in part.Laid ?? new Dictionary<string, CoatLay>())
        {
            if (kind.Roles.All(r => r.Id != role))
            {
                yield return Problem.Of($"{field}.laid.{role}", ProblemCode.UnknownCoat, ("part", kind.Label), ("role", role));
            }
            else if (!(lay.Film is >= CoatLay.LeastFilm and <= CoatLay.MostFilm))
            {
                yield return Problem.Of($"{field}.laid.{role}.film", ProblemCode.Film, ("part", kind.Label), ("film", lay.Film), ("least", CoatLay.LeastFilm), ("most", CoatLay.MostFilm));
            }

            if (lay.Split is { } split && !(split.Overlap is >= 0 and <= 1 && split.Powder is >= 0 and <= 1 && Math.Abs(split.AxisDeg) <= 360))
            {
                yield return Problem.Of($"{field}.laid.{role}.split", ProblemCode.SplitLoad, ("part", kind.Label));
            }
        }

        foreach (var (role, coats) in part.Coats)
        {
            if (coats is < 1 or > 8)
            {
                yield return Problem.Of($"{field}.coats.{role}", ProblemCode.CoatCount, ("part", kind.Label), ("coats", coats));
            }
        }
    }

    private static IEnumerable<Problem> OfOrder(OrderWish order)
    {
        const int most = 4000;
        if (order.Sequence is { Count: > most } || order.Pins is { Count: > most } || order.Ties is { Count: > most })
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

        if (Circle(order.Ties ?? []) is { } circle)
        {
            yield return Problem.Of("order.ties", ProblemCode.TiesInACircle, ("circle", string.Join(" → ", circle)));
        }
    }

    private static IReadOnlyList<string>? Circle(IReadOnlyList<StepTie> ties)
    {
        foreach (var tie in ties)
        {
            var way = new List<string> { tie.First };
            for (var next = tie; next is not null && way.Count <= ties.Count + 1; next = ties.FirstOrDefault(t => t.First == way[^1]))
            {
                way.Add(next.Then);
                if (next.Then == tie.First)
                {
                    return way;
                }
            }
        }

        return null;
    }

    public static IReadOnlyList<Problem> OfSetting(Setting setting)
    {
        var found = new List<Problem>();
        if (!(setting.SlotMinutes is >= 1 and <= 720))
        {
            found.Add(Problem.Of("slotMinutes", ProblemCode.Slot));
        }

        if (setting.Painters is < 1 or > 2)
        {
            found.Add(Problem.Of("painters", ProblemCode.Painters));
        }

        if (!(setting.Confidence is >= 0.5 and <= 0.99))
        {
            found.Add(Problem.Of("confidence", ProblemCode.Confidence));
        }

        found.AddRange(setting.OwnPace.Problems());
        if (!(setting.ViewingDistanceM is >= 0.2 and <= 200))
        {
            found.Add(Problem.Of("viewingDistanceM", ProblemCode.ViewingDistance));
        }

        if (!(setting.AdaptingCdM2 is >= SeenUnder.LeastCdM2 and <= SeenUnder.MostCdM2))
        {
            found.Add(Problem.Of("adaptingCdM2", ProblemCode.Brightness, ("least", SeenUnder.LeastCdM2), ("most", SeenUnder.MostCdM2)));
        }

        if (!(setting.NecklineMm is >= -60 and <= 150))
        {
            found.Add(Problem.Of("necklineMm", ProblemCode.Neckline));
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

        if (!(setting.NecklineWidthMm is >= 60 and <= 420))
        {
            found.Add(Problem.Of("necklineWidthMm", ProblemCode.NecklineWidth));
        }

        return found;
    }
}
