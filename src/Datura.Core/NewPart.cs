using Datura.Core.Body;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>What can be hung on a zone, already sized to the face and with paints of the kit.</summary>
public static class NewPart
{
    /// <param name="Sizes">What it would measure on this face.</param>
    public sealed record Offer(PartKind Kind, Part Part, IReadOnlyList<SizeLine> Sizes);

    public static IReadOnlyList<Offer> Offers(Zone zone, FittedBody body, Kit kit, Costume costume, LookColours? colours = null) => [.. PartKinds.All
        .Where(k => k.HangsOn.Contains(zone))
        .AsParallel().AsOrdered().Select(k => OfferOf(k, zone, body, kit, costume, colours))];

    /// <summary>One kind as it would hang on a zone of this body.</summary>
    public static Offer OfferOf(PartKind kind, Zone zone, FittedBody body, Kit kit, Costume costume, LookColours? colours = null)
    {
        var part = Of(kind, zone, kit, colours);
        return new(kind, part, kind.Expand(body, part, costume).Sizes);
    }

    // A base carries on down by itself.
    private static bool IsBelowTheFace(Zone zone) => zone is Zone.UnderJaw or Zone.NeckFront or Zone.NeckSide or Zone.Collar or Zone.Sternum or Zone.Chest;

    /// <summary>A part of this kind with everything at its default; the caller gives it an id of its own.</summary>
    /// <param name="colours">What its paints should go with, if anything is known of that.</param>
    public static Part Of(PartKind kind, Zone zone, Kit kit, LookColours? colours = null)
    {
        var paints = new Dictionary<string, PaintMix>();
        foreach (var role in kind.Roles.Where(r => !r.Optional))
        {
            if (SuggestedPaint.For(role, kind.HangsOn, kit, colours) is { } paint)
            {
                paints[role.Id] = new([new(paint, 1)]);
            }
        }

        return new(
            Id: kind.Id,
            Kind: kind.Id,
            Sides: Sides.Both,
            Unevenness: 0.2,
            Seed: 1,
            Priority: Priority.Must,
            Reserved: kind.UsuallyReserved,
            Numbers: new Dictionary<string, double>(),
            Words: kind.WordsFor(zone),
            // Pointed at where it does not lie by itself, on a lid or an ear, it lies there alone.
            Zones: kind.Parameters.OfType<ZonesSpec>().Where(z => !z.Standard.Contains(zone) && !IsBelowTheFace(zone)).ToDictionary(z => z.Id, _ => (IReadOnlyList<string>)[zone.Name()]),
            Paints: paints,
            Coats: new Dictionary<string, int>());
    }
}
