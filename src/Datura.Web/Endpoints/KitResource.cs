namespace Datura.Web;

public sealed record KitResource(string Id, int Revision, string Name, IReadOnlyList<PaintResource> Paints);
