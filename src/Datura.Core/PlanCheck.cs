using Datura.Core.Body;
using Datura.Core.Form;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>Finds nonsense in a look, a face or a setting before anything is computed.</summary>
public static class PlanCheck
{
    /// <summary>More parts than this no one can paint on one face.</summary>
    public const int MostParts = 400;

    private const int LongestName = 120;

    public static IReadOnlyList<PlanProblem> OfLook(Look look)
    {
        var found = new List<PlanProblem>();
        if (string.IsNullOrWhiteSpace(look.Name) || look.Name.Length > LongestName)
        {
            found.Add(new("name", $"Give the look a name of 1 to {LongestName} letters."));
        }

        if (look.Parts.Count > MostParts)
        {
            found.Add(new("parts", $"The look has {look.Parts.Count} parts; {MostParts} is the most. Split it into two looks."));
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
            found.Add(new("wetLifts", FormattableString.Invariant($"A wet brush lifts 0 to {100 * Look.MostWetLifts:0} % of the coat below.")));
        }

        var seen = new HashSet<string>();
        for (var k = 0; k < look.Parts.Count; k++)
        {
            found.AddRange(OfPart(look.Parts[k], $"parts[{k}]"));
            if (!seen.Add(look.Parts[k].Id))
            {
                found.Add(new($"parts[{k}].id", $"Two parts are called {look.Parts[k].Id}. Each needs its own id."));
            }
        }

        return found;
    }

    private static IEnumerable<PlanProblem> OfForm(FormWish form)
    {
        if (!(form.Strength is >= 0 and <= FormWish.MostStrength))
        {
            yield return new("form.strength", $"The strength of shades and lights goes from 0 to {FormWish.MostStrength:0}.");
        }

        if (form.Tones is < 3 or > 5 || !(form.HighlightCap is >= 0 and <= 60))
        {
            yield return new("form.tones", "A hand paints three to five tones, the base among them; lights rise by up to 60 L*.");
        }

        if (!(Math.Abs(form.Pretended.AzimuthDeg) <= 360) || !(Math.Abs(form.Pretended.ElevationDeg) <= 90) || !(form.Pretended.SpreadDeg is >= 0 and <= 90) || !(form.Pretended.Level is > 0 and <= 100))
        {
            yield return new("form.pretended", "The pretended lamp stands between −90° and 90° up or down and shines.");
        }

        if (LampPlace.DistanceProblem(form.Pretended.DistanceM) is { } problem)
        {
            yield return new("form.pretended.distanceM", problem);
        }

        foreach (var zone in form.Zones ?? [])
        {
            if (!Zones.Names.Contains(zone.Zone) || !(Math.Abs(zone.Mm) <= ZoneRelief.MostMm) || !(zone.FalloffMm is >= 1 and <= 60))
            {
                yield return new("form.zones", $"A zone is raised or sunk by up to {ZoneRelief.MostMm:0} mm and runs out over 1 to 60 mm.");
            }
        }
    }

    private static IEnumerable<PlanProblem> OfPart(Part part, string field)
    {
        if (PartKinds.Find(part.Kind) is not { } kind)
        {
            var known = string.Join(", ", PartKinds.All.Select(k => k.Id));
            yield return new($"{field}.kind", $"There is no kind called {part.Kind}. Known kinds: {known}.");
            yield break;
        }

        if (!(part.Unevenness is >= 0 and <= 1))
        {
            yield return new($"{field}.unevenness", $"{kind.Label}: unevenness goes from 0 (mirror) to 1.");
        }

        if (!(Math.Abs(part.Moved.OutMm) <= Move.MostMm && Math.Abs(part.Moved.UpMm) <= Move.MostMm))
        {
            yield return new($"{field}.moved", $"{kind.Label} is moved too far. A part moves up to {Move.MostMm:0} mm; hang it on another place instead.");
        }

        if (part.ReliefMm is { } relief && !(Math.Abs(relief) <= ZoneRelief.MostMm))
        {
            yield return new($"{field}.reliefMm", $"{kind.Label}: the relief goes from −{ZoneRelief.MostMm:0} to {ZoneRelief.MostMm:0} mm; steeper forms cannot be painted.");
        }

        if (part.Motif?.Problem() is { } motif)
        {
            yield return new($"{field}.motif", $"{kind.Label}: {motif}");
        }

        foreach (var (id, value) in part.Numbers)
        {
            if (kind.Parameters.FirstOrDefault(p => p.Id == id) is not { } spec)
            {
                yield return new($"{field}.numbers.{id}", $"{kind.Label} has nothing called {id}.");
            }
            else if (!double.IsFinite(value) || value < spec.Least || value > spec.Most)
            {
                yield return new($"{field}.numbers.{id}", FormattableString.Invariant(
                    $"{kind.Label}, {spec.Label.ToLowerInvariant()}: {value:0.##} is out of range; it goes from {spec.Least:0.##} to {spec.Most:0.##}."));
            }
        }

        foreach (var (id, word) in part.Words)
        {
            if (kind.Parameters.FirstOrDefault(p => p.Id == id) is not { Type: ParameterType.Choice } spec || !spec.Choices.Contains(word))
            {
                yield return new($"{field}.words.{id}", $"{kind.Label} has no choice {id}: {word}.");
            }
        }

        foreach (var zone in part.Zones.Values.SelectMany(z => z).Where(z => !Zones.Names.Contains(z)))
        {
            yield return new($"{field}.zones", $"There is no zone called {zone}. Known zones: {string.Join(", ", Zones.Names)}.");
        }

        foreach (var (role, mix) in part.Paints)
        {
            if (kind.Roles.All(r => r.Id != role))
            {
                yield return new($"{field}.paints.{role}", $"{kind.Label} has no coat called {role}.");
            }
            else if (mix.Shares.Count == 0 || mix.Shares.Any(s => !(s.Parts is > 0 and <= 100)))
            {
                yield return new($"{field}.paints.{role}", $"{kind.Label}: a mix needs paints with 1 to 100 parts each.");
            }
        }

        foreach (var (role, lay) in part.Laid ?? new Dictionary<string, CoatLay>())
        {
            if (kind.Roles.All(r => r.Id != role))
            {
                yield return new($"{field}.laid.{role}", $"{kind.Label} has no coat called {role}.");
            }
            else if (!(lay.Film is >= CoatLay.LeastFilm and <= CoatLay.MostFilm))
            {
                yield return new($"{field}.laid.{role}.film", FormattableString.Invariant(
                    $"{kind.Label}: a film of {lay.Film:0.##} times the usual cannot be; use {CoatLay.LeastFilm} to {CoatLay.MostFilm}."));
            }

            if (lay.Split is { } split && !(split.Overlap is >= 0 and <= 1 && split.Powder is >= 0 and <= 1 && Math.Abs(split.AxisDeg) <= 360))
            {
                yield return new($"{field}.laid.{role}.split", $"{kind.Label}: overlap and powdery edge of a split sponge go from 0 to 1, its direction from −360° to 360°.");
            }
        }

        foreach (var (role, coats) in part.Coats)
        {
            if (coats is < 1 or > 8)
            {
                yield return new($"{field}.coats.{role}", $"{kind.Label}: {coats} coats cannot be; use 1 to 8.");
            }
        }
    }

    private static IEnumerable<PlanProblem> OfOrder(OrderWish order)
    {
        const int most = 4000;
        if (order.Sequence is { Count: > most } || order.Pins is { Count: > most } || order.Ties is { Count: > most })
        {
            yield return new("order", $"An order names at most {most} coats.");
        }

        foreach (var pin in (order.Pins ?? []).Where(p => p.Place < 1))
        {
            yield return new("order.pins", $"{pin.Coat} is pinned to step {pin.Place}; the first step is 1.");
        }

        if ((order.Pins ?? []).GroupBy(p => p.Place).FirstOrDefault(g => g.Count() > 1) is { } twice)
        {
            yield return new("order.pins", $"{string.Join(" and ", twice.Select(p => p.Coat))} are both pinned to step {twice.Key}. Take one pin out.");
        }

        if (Circle(order.Ties ?? []) is { } circle)
        {
            yield return new("order.ties", $"These ties go round in a circle: {string.Join(" → ", circle)}. Undo one of them.");
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

    public static IReadOnlyList<PlanProblem> OfSetting(Setting setting)
    {
        var found = new List<PlanProblem>();
        if (!(setting.SlotMinutes is >= 1 and <= 720))
        {
            found.Add(new("slotMinutes", "The slot lies between 1 minute and 12 hours."));
        }

        if (setting.Painters is < 1 or > 2)
        {
            found.Add(new("painters", "One or two painters work on a face; more are in each other's way."));
        }

        if (!(setting.Confidence is >= 0.5 and <= 0.99))
        {
            found.Add(new("confidence", "The share of sittings that a slot must hold lies between 50 % and 99 %."));
        }

        found.AddRange(setting.OwnPace.Problems().Select(p => new PlanProblem("rates", p)));
        if (!(setting.ViewingDistanceM is >= 0.2 and <= 200))
        {
            found.Add(new("viewingDistanceM", "The viewing distance lies between 0.2 m and 200 m."));
        }

        if (!(setting.AdaptingCdM2 is >= SeenUnder.LeastCdM2 and <= SeenUnder.MostCdM2))
        {
            found.Add(new("adaptingCdM2", FormattableString.Invariant($"The brightness lies between {SeenUnder.LeastCdM2:0.#} cd/m² (hardly any colour is seen) and {SeenUnder.MostCdM2:0} cd/m² (noon on snow).")));
        }

        if (!(setting.NecklineMm is >= -60 and <= 150))
        {
            found.Add(new("necklineMm", "The neckline lies between 60 mm above and 150 mm below the notch between the collar bones."));
        }

        if (setting.Lamps is { } lamps)
        {
            try
            {
                Lamps.Together(lamps);
            }
            catch (InputException problem)
            {
                found.Add(new("lamps", problem.Message));
            }
        }

        try
        {
            setting.FaceLight.Check();
        }
        catch (InputException problem)
        {
            found.Add(new("lamps", problem.Message));
        }

        if (!(setting.NecklineWidthMm is >= 60 and <= 420))
        {
            found.Add(new("necklineWidthMm", "The neckline is 60 to 420 mm wide."));
        }

        return found;
    }
}
