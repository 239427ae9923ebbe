using Datura.Core.Shapes.Kinds;

namespace Datura.Core.Shapes;

/// <summary>Every kind of part there is.</summary>
public static class PartKinds
{
    public static IReadOnlyList<PartKind> All { get; } =
    [
        new SkinBase(),
        new Socket(),
        new NoseCavity(),
        new CheekHollow(),
        new ToothRow(),
        new CrackCluster(),
    ];

    /// <returns>The kind of that id, or null.</returns>
    public static PartKind? Find(string id) => All.FirstOrDefault(k => k.Id == id);
}
