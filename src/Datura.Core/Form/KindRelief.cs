using Datura.Core.Shapes;

namespace Datura.Core.Form;

/// <summary>Heights of a part's roles: those of its kind, or in their proportion what the painter gave it.</summary>
public static class KindRelief
{
    /// <summary>Roles with a height, mm, and the width over which it runs out.</summary>
    /// <param name="ownMm">Height the painter gave the part; null for the usual.</param>
    public static IReadOnlyList<RoleRelief> Of(PartKind kind, double? ownMm)
    {
        if (kind.Relief.Count == 0)
        {
            return [];
        }

        var scale = ownMm is { } own ? own / kind.Relief[0].Mm : 1;
        return [.. kind.Relief.Select(h => new RoleRelief(h.Role, scale * h.Mm, Math.Max(h.FalloffMm, 0.7 * Math.Abs(scale * h.Mm))))];
    }

    /// <summary>Usual height of a kind's main role, mm; null for flat kinds.</summary>
    public static double? UsualMm(PartKind kind) => kind.Relief.Count > 0 ? kind.Relief[0].Mm : null;
}
