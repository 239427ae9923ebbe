using Datura.Core.Order;

namespace Datura.Core.Caution;

/// <summary>Preparing and mending that has nothing to do: the painter's to decide, but she is told.</summary>
public static class MendingCautions
{
    public static IEnumerable<CautionNote> For(CoatJob job, Kit kit) =>
        from mending in job.Mendings
        where !Mendings.Fits(mending.Kind, job, kit)
        select new CautionNote(CautionCode.MendsNothing, Severity.Note)
        {
            Parts = [new(job.PartId, job.PartLabel)],
            Role = job.Role.Id,
            Names = new Dictionary<string, string> { ["coat"] = job.Role.Label.ToLowerInvariant(), ["mending"] = Catalogue.Of(mending.Kind).Text.ToLowerInvariant() },
        };
}
