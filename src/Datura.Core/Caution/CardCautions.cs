using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Caution;

/// <summary>What a wearer's card says against the plan (common practice and from memory; the label, a doctor and local rules come first).</summary>
public static class CardCautions
{
    // Off the face a small motif is what is usually done for the youngest.
    private static readonly Zone[] OffTheFace =
        [Zone.UnderJaw, Zone.NeckFront, Zone.NeckSide, Zone.Collar, Zone.Sternum, Zone.Chest, Zone.Shoulder, Zone.Nape, Zone.Back];

    public static IEnumerable<CautionNote> For(WearerCard card, IReadOnlyList<CoatJob> jobs, Kit kit, double likelyMinutes) =>
    [
        .. card.States.Select(Of), .. Whole(card, jobs, likelyMinutes), .. jobs.Where(j => j.Role.Stage != Stage.Map).SelectMany(j => Paints(card, j, kit)),
    ];

    private static CautionNote Of(WearerState state) => state switch
    {
        WearerState.BrokenSkin => new(CautionCode.BrokenSkin, Severity.Stop),
        WearerState.Sunburnt => new(CautionCode.Sunburnt, Severity.Stop),
        WearerState.ColdSore => new(CautionCode.ColdSore, Severity.Stop),
        WearerState.Infection => new(CautionCode.Infection, Severity.Stop),
        WearerState.Asthma => new(CautionCode.Asthma, Severity.Note),
        _ => throw new ArgumentOutOfRangeException(nameof(state)),
    };

    private static IEnumerable<CautionNote> Whole(WearerCard card, IReadOnlyList<CoatJob> jobs, double likelyMinutes)
    {
        if (card.Consent == Consent.NotYet)
        {
            yield return new(CautionCode.NoConsent, Severity.Warning);
        }

        if (card.Age == AgeGroup.UnderThree && jobs.Any(j => j.Zones.Any(z => !OffTheFace.Contains(z))))
        {
            yield return new(CautionCode.UnderThree, Severity.Stop);
        }

        if (card.PatienceMinutes is { } patience && likelyMinutes > patience)
        {
            yield return new(CautionCode.OutOfPatience, Severity.Warning) { Numbers = new Dictionary<string, double> { ["patience"] = patience, ["likely"] = likelyMinutes } };
        }
    }

    private static IEnumerable<CautionNote> Paints(WearerCard card, CoatJob job, Kit kit)
    {
        foreach (var paint in job.Mix.Shares.Select(s => PaintOptics.Find(kit, s.Paint)))
        {
            CautionNote Note(CautionCode code, Severity severity, params (string Name, string Word)[] names) => new(code, severity)
            {
                Parts = [new(job.PartId, job.PartLabel)],
                Paint = paint.Id,
                Names = names.Append(("paint", paint.Name)).ToDictionary(n => n.Item1, n => n.Item2),
            };
            foreach (var allergy in card.Allergies)
            {
                if (Ingredients.Found(paint.Ingredients, allergy) is { } ingredient)
                {
                    yield return Note(CautionCode.Allergen, Severity.Stop, ("ingredient", ingredient), ("allergy", allergy));
                }
            }

            if (card.Allergies.Count > 0 && paint.Ingredients.Length == 0)
            {
                yield return Note(CautionCode.ListUnknown, Severity.Warning, ("allergy", MessageTemplate.Listed([.. card.Allergies])));
            }

            if (card.States.Contains(WearerState.Asthma) && SettingCautions.IsDust(paint.Material))
            {
                yield return Note(CautionCode.LooseForAsthma, Severity.Warning);
            }
        }
    }
}
