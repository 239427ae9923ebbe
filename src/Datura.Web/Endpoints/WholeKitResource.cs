namespace Datura.Web;

/// <summary>A kit with its paints as they are described; <see cref="KitResource"/> has them as they look.</summary>
public sealed record WholeKitResource(string Id, int Revision, Kit Kit);
