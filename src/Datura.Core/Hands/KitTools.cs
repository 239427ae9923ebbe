namespace Datura.Core.Hands;

/// <summary>The tools of a kit, and what stands in for one that it lacks.</summary>
public static class KitTools
{
    /// <summary>What is owned: the kit's own list, or every usual tool when it has none.</summary>
    public static IReadOnlyList<ToolDescription> Owned(Kit kit) => kit.Tools ?? UsualTools.All;

    public static ToolDescription? Find(Kit kit, string id) => Owned(kit).FirstOrDefault(t => t.Id == id);

    /// <summary>Whether it has something that paint goes through.</summary>
    public static bool HasStencil(Kit kit) => Owned(kit).Any(t => t.Form is ToolForm.Mesh or ToolForm.Card);

    /// <summary>The owned tool that comes nearest to one that is wanted: first by form, then by width.</summary>
    /// <param name="id">Of a tool of the kit or a usual one; of any other nothing is known.</param>
    /// <returns>Null when none can do its work.</returns>
    public static ToolDescription? Nearest(Kit kit, string id)
    {
        if (Find(kit, id) is { } owned)
        {
            return owned;
        }

        return UsualTools.All.FirstOrDefault(t => t.Id == id) is not { } wanted ? null : Owned(kit)
            .Select(t => (Tool: t, Far: ToolForms.Distance(wanted.Form, t.Form))).Where(t => t.Far is not null)
            .OrderBy(t => t.Far).ThenBy(t => Math.Abs(Math.Log(t.Tool.WidthMm / wanted.WidthMm))).ThenBy(t => t.Tool.Id, StringComparer.Ordinal)
            .Select(t => t.Tool).FirstOrDefault();
    }
}
