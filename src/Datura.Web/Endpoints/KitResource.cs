namespace Datura.Web;

/// <param name="Tools">What is owned: the kit's own list, or every usual tool.</param>
public sealed record KitResource(string Id, int Revision, string Name, IReadOnlyList<PaintResource> Paints, IReadOnlyList<ToolDescription> Tools);
